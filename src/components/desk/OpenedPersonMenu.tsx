'use client';

import { Building2, LayoutList, LogOut, MonitorSmartphone } from 'lucide-react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { Mark } from '../basics/Mark';
import { canSeal } from '../basics/sealing';
import { countUnsaved } from '../basics/unsavedCopy';
import type { PersonMenuProps } from './personMenuProps';
import { useOwnSession } from '../basics/useOwnSession';

/** The same, open from the first: it is drawn because somebody pressed. */
export function OpenedPersonMenu({
  id,
  name,
  monogram,
  classes,
  currentClass,
  administrates,
}: PersonMenuProps) {
  const t = useTranslations('lintel');
  const { turnTo, signOut, problem } = useOwnSession();
  /** How many posts have words that only this device has; null until signing out was pressed. */
  const [unsaved, setUnsaved] = useState<number | null>(null);
  const leave = async () => {
    const count = unsaved ?? (await countUnsaved(id));
    if (unsaved === null && count > 0) setUnsaved(count);
    else await signOut();
  };
  return (
    <DropdownMenu.Root modal={false} defaultOpen>
      <DropdownMenu.Trigger className="mono" aria-label={t('person', { name, monogram })}>
        {monogram}
      </DropdownMenu.Trigger>
      <DropdownMenu.Content className="menu" align="end" sideOffset={8}>
        <DropdownMenu.Label className="px-2.5 py-2 text-ink-2">{name}</DropdownMenu.Label>
        {classes.length > (currentClass ? 1 : 0) ? (
          <>
            <DropdownMenu.Group aria-label={t('yourClasses')}>
              {classes.map((one) => (
                <DropdownMenu.Item
                  key={one.id}
                  disabled={one.id === currentClass}
                  onSelect={(event) => {
                    event.preventDefault();
                    void turnTo(one.id, '/today');
                  }}
                >
                  <Mark id={one.id === currentClass ? 's-m' : 's-g'} className="s" />
                  {[one.title, one.groupName].filter(Boolean).join(', ')}
                  {one.id === currentClass ? <span className="text-ink-2">{t('hereNow')}</span> : null}
                </DropdownMenu.Item>
              ))}
            </DropdownMenu.Group>
            <DropdownMenu.Separator className="my-1 border-t border-line" />
          </>
        ) : null}
        <DropdownMenu.Item asChild>
          <Link href="/classes">
            <LayoutList aria-hidden="true" size={16} /> {t('allClasses')}
          </Link>
        </DropdownMenu.Item>
        {administrates ? (
          <DropdownMenu.Item asChild>
            <Link href="/administration">
              <Building2 aria-hidden="true" size={16} /> {t('administration')}
            </Link>
          </DropdownMenu.Item>
        ) : null}
        <DropdownMenu.Item asChild>
          <Link href="/account">
            <MonitorSmartphone aria-hidden="true" size={16} /> {t('yourDevices')}
          </Link>
        </DropdownMenu.Item>
        <DropdownMenu.Item
          onSelect={(event) => {
            event.preventDefault();
            void leave();
          }}
        >
          <LogOut aria-hidden="true" size={16} /> {t(unsaved === null ? 'signOut' : 'signOutAllTheSame')}
        </DropdownMenu.Item>
        {unsaved === null ? null : (
          <p role="status" className="max-w-[320px] px-2.5 py-1 text-[14px]">
            {t(canSeal() ? 'unsavedSealed' : 'unsavedReadable', { count: unsaved })}
          </p>
        )}
        {problem ? <p className="problem px-2.5 py-1">{problem}</p> : null}
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}
