'use client';

import { LogOut } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { send } from '../basics/call';
import { useRefusal } from '../basics/useRefusal';

interface PersonMenuProps {
  readonly name: string;
  readonly monogram: string;
}

/** A person's monogram, and what they can do about being signed in. */
export function PersonMenu({ name, monogram }: PersonMenuProps) {
  const t = useTranslations('lintel');
  const refusal = useRefusal();
  const [problem, setProblem] = useState('');
  const signOut = async () => {
    const outcome = await send('/api/session', 'DELETE');
    // A full load, so that nothing of this person stays in the page.
    if (outcome.ok) window.location.assign('/sign-in');
    else setProblem(refusal(outcome));
  };
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="mono" aria-label={t('person', { name, monogram })}>
        {monogram}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content className="menu" align="end" sideOffset={8}>
          <DropdownMenu.Label className="px-2.5 py-2 text-ink-2">{name}</DropdownMenu.Label>
          <DropdownMenu.Item
            onSelect={(event) => {
              event.preventDefault();
              void signOut();
            }}
          >
            <LogOut aria-hidden="true" size={16} /> {t('signOut')}
          </DropdownMenu.Item>
          {problem ? <p className="problem px-2.5 py-1">{problem}</p> : null}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
