'use client';

import { useTranslations } from 'next-intl';
import { useLoadedAhead, whenPressed } from '../basics/onDemand';
import type { PersonMenuProps } from './personMenuProps';

const Menu = whenPressed(async () => (await import('./OpenedPersonMenu')).OpenedPersonMenu, Trigger);

/** A person's monogram, and what they can do about being signed in. The menu is there when somebody presses. */
export function PersonMenu(props: PersonMenuProps) {
  useLoadedAhead();
  return <Menu {...props} />;
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
