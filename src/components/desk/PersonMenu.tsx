'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { onDemand, useLoadedAhead } from '../basics/onDemand';
import type { PersonMenuProps } from './personMenuProps';

const Opened = onDemand(async () => (await import('./OpenedPersonMenu')).OpenedPersonMenu, Trigger);

/** A person's monogram, and what they can do about being signed in. The menu is there when somebody presses. */
export function PersonMenu(props: PersonMenuProps) {
  const [wanted, setWanted] = useState(false);
  useLoadedAhead();
  return wanted ? <Opened {...props} /> : <Trigger {...props} onPress={() => setWanted(true)} />;
}

function Trigger({ name, monogram, onPress }: PersonMenuProps & { readonly onPress?: () => void }) {
  const t = useTranslations('lintel');
  return (
    <button
      type="button"
      className="mono"
      aria-label={t('person', { name, monogram })}
      aria-haspopup="menu"
      aria-expanded={false}
      onClick={onPress}
    >
      {monogram}
    </button>
  );
}
