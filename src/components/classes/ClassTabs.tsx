'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { addressesOf } from '../../contract/addresses';
import { useState } from 'react';
import { changeClassCode } from '../../contract/classes/changeClassCode';
import { useDeed } from '../basics/useDeed';

/** The pages about a class in three groups: who is in it, what is written in it, what keeps it safe. */
const GROUPS = [
  { name: 'people', pages: ['roster', 'cards', 'invitations', 'roles', 'whereWeAre'] },
  { name: 'writing', pages: ['settings', 'look', 'labels', 'comments', 'pictures', 'ending'] },
  { name: 'safety', pages: ['privacy', 'openings', 'log'] },
] as const;

interface ClassTabsProps {
  /** The pages that are there for whoever looks. */
  readonly pages: readonly string[];
  /** Whether they may give the class another code. */
  readonly guards: boolean;
  readonly classId: string;
  readonly code: string;
  readonly resting: boolean;
}

/** The pages about a class, and the code with which children come in. */
export function ClassTabs({ classId, code, resting, pages: there, guards }: ClassTabsProps) {
  const t = useTranslations('classTabs');
  const path = usePathname();
  const addresses = addressesOf(classId);
  const { act, busy, problem } = useDeed();
  const [asking, setAsking] = useState(false);
  const groups = GROUPS.map(({ name, pages }) => ({
    name,
    pages: pages.filter((page) => there.includes(page)),
  })).filter(({ pages }) => pages.length > 0);
  return (
    <section className="class-tabs" aria-label={t('about')}>
      <nav aria-label={t('label')}>
        {groups.map(({ name, pages }) =>
          pages.some((page) => addresses[page] === path) ? (
            <span key={name} role="group" aria-label={t(`groups.${name}`)}>
              <b aria-hidden="true">{t(`groups.${name}`)}</b>
              {pages.map((page) => (
                <Link
                  key={page}
                  href={addresses[page]}
                  {...(addresses[page] === path ? { 'aria-current': 'page' as const } : {})}
                >
                  {t(page)}
                </Link>
              ))}
            </span>
          ) : (
            <Link
              key={name}
              href={addresses[pages[0] ?? 'settings']}
              title={pages.map((page) => t(page)).join(', ')}
            >
              <b>{t(`groups.${name}`)}</b>
            </Link>
          ),
        )}
      </nav>
      {resting ? (
        <p>{t('resting')}</p>
      ) : (
        <p>
          {t('code')} <b className="tracking-wider">{code}</b>{' '}
          {guards ? (
            <button type="button" className="act" onClick={() => setAsking(!asking)}>
              {t('change')}
            </button>
          ) : null}
        </p>
      )}
      {asking ? (
        <p className="ask">
          {t('changing')}{' '}
          <button
            type="button"
            className="act"
            disabled={busy}
            onClick={async () => {
              if (await act(changeClassCode, { classId })) setAsking(false);
            }}
          >
            {t('another')}
          </button>{' '}
          <button type="button" className="act" data-leave="" onClick={() => setAsking(false)}>
            {t('leave')}
          </button>{' '}
          <span className="problem">{problem}</span>
        </p>
      ) : null}
    </section>
  );
}
