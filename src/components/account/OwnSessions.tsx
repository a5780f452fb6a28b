'use client';

import { archiveAddress } from '../../contract/addresses';
import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { type ReactNode } from 'react';
import type { InputOf } from '../../contract/input';
import { endSessions } from '../../contract/doors/endSessions';
import { ask } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { Frame } from './Frame';

export interface OwnSessionsProps {
  readonly name: string;
  readonly email: string | null;
  readonly sessions: readonly {
    readonly id: string;
    readonly device: string;
    readonly since: string;
    readonly used: string;
    readonly isThis: boolean;
  }[];
  /** What else there is for this person. */
  readonly children?: ReactNode;
}

/** Where somebody is signed in, and ending what should not be. */
export function OwnSessions({ name, email, sessions, children }: OwnSessionsProps) {
  const t = useTranslations('account.sessions');
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const end = async (which: InputOf<typeof endSessions>) => {
    await wait(ask(endSessions, which));
    router.refresh();
  };
  return (
    <Frame home="/today">
      <h1 className="says">{t('heading', { count: sessions.length })}</h1>
      <p className="under mb-4 mt-1">{email ? t('youAre', { name, email }) : name}</p>
      <ul className="rows">
        {sessions.map((one) => (
          <li key={one.id} className="grid-cols-[1fr_auto]">
            <span>
              <b>{one.device || t('someDevice')}</b>
              <span className="calm block">
                {one.isThis ? t('thisOne') : t('used', { used: one.used, since: one.since })}
              </span>
            </span>
            {one.isThis ? null : (
              <button
                type="button"
                className="act"
                disabled={busy}
                aria-label={t('endOn', { device: one.device || t('someDevice') })}
                onClick={() => void end({ id: one.id })}
              >
                {t('end')}
              </button>
            )}
          </li>
        ))}
      </ul>
      <p role="alert" className="problem">
        {problem}
      </p>
      {sessions.length > 1 ? (
        <button type="button" className="btn mt-5" disabled={busy} onClick={() => void end({ others: true })}>
          {t('endOthers')}
        </button>
      ) : null}
      <h2 className="section-head mt-10">{t('along')}</h2>
      <p className="under my-3">{t('whatIsIn')}</p>
      {/* A file, not a page: nothing for the router. */}
      <a className="btn" href={archiveAddress.own} download>
        {t('takeAlong')}
      </a>
      {children}
    </Frame>
  );
}
