'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useState } from 'react';
import { decideOpening } from '../../contract/safety/decideOpening';
import type { OpeningState } from '../../core/privacy/opening';
import { useDeed } from '../basics/useDeed';

export interface OpeningToDecide {
  readonly id: string;
  readonly classTitle: string;
  readonly writer: string;
  readonly teacher: string;
  readonly assignment: string;
  readonly reason: string;
  readonly harm: string;
  readonly asked: string;
  readonly state: OpeningState;
  /** Whether the administrator asked for it as a teacher: then another one decides. */
  readonly own: boolean;
}

/** Drafts that teachers ask to open for a safety concern. It takes an administrator's word as well. */
export function DraftsToOpen({ openings }: { readonly openings: readonly OpeningToDecide[] }) {
  const t = useTranslations('install.drafts');
  if (openings.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="section-head">{t('heading', { count: openings.length })}</h2>
      <p className="under mt-2">{t('under')}</p>
      <ul className="rows">
        {openings.map((one) => (
          <li key={one.id} className="grid-cols-1">
            <DraftToOpen opening={one} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function DraftToOpen({ opening }: { readonly opening: OpeningToDecide }) {
  const t = useTranslations('install.drafts');
  const { act, busy, problem } = useDeed();
  const { id, harm, own, state } = opening;
  const [tellWriter, setTellWriter] = useState(harm === '');
  const decide = (agree: boolean) => void act(decideOpening, { openingId: id, agree, tellWriter });
  return (
    <div className="grid gap-2">
      <p>
        <b>{t('who', { teacher: opening.teacher, writer: opening.writer })}</b>
        <span className="calm block">
          {t('what', { assignment: opening.assignment, title: opening.classTitle, when: opening.asked })}
        </span>
      </p>
      <p className="whitespace-pre-wrap font-read text-[17px]">{opening.reason}</p>
      {harm ? <p className="text-ink-2">{t('harm', { harm })}</p> : null}
      {state === 'open' ? (
        <Link className="btn justify-self-start" href={`/opened/${id}`} prefetch={false}>
          {t('read')}
        </Link>
      ) : own ? (
        <p className="text-ink-2">{t('needsAnother')}</p>
      ) : (
        <>
          {harm ? (
            <label className="flex items-center gap-3">
              <input
                type="checkbox"
                checked={tellWriter}
                onChange={(event) => setTellWriter(event.target.checked)}
              />
              {t('tell')}
            </label>
          ) : null}
          <span className="flex flex-wrap gap-3">
            <button type="button" className="btn" disabled={busy} onClick={() => decide(true)}>
              {t('agree')}
            </button>
            <button type="button" className="btn" disabled={busy} onClick={() => decide(false)}>
              {t('decline')}
            </button>
          </span>
        </>
      )}
      <p role="alert" className="problem">
        {problem}
      </p>
    </div>
  );
}
