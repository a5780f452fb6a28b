'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { seeConcern } from '../../contract/concerns/seeConcern';
import { Mark } from '../basics/Mark';
import { useDeed } from '../basics/useDeed';
import { OpenDraft, type OpenDraftProps } from '../safety/OpenDraft';

export interface ConcernsProps extends OpenDraftProps {
  readonly classId: string;
  readonly concerns: readonly {
    readonly id: string;
    readonly title: string;
    readonly writer: string;
    readonly address: string | null;
    readonly from: string | null;
    readonly words: string;
    /** The comment that it is about; null where it is about the post. */
    readonly comment: { readonly text: string; readonly author: string } | null;
    readonly when: string;
    readonly seen: boolean;
  }[];
}

/** What readers told the teachers about posts, what nobody has looked into yet first. */
export function Concerns({ classId, concerns, drafts, openings }: ConcernsProps) {
  const t = useTranslations('concerns');
  const { act, busy, problem } = useDeed();
  const open = concerns.filter((one) => !one.seen).length;
  return (
    <main className="page" id="main">
      <h1 className="says">{concerns.length === 0 ? t('none') : t('heading', { count: open })}</h1>
      <p className="under">{t('under')}</p>
      <ul className="rows mt-6">
        {concerns.map((one) => (
          <li key={one.id} className="sm:grid-cols-[24px_1fr_200px_auto]">
            <Mark id={one.seen ? 's-m' : 's-w'} className="s" />
            <span>
              <span className="block whitespace-pre-wrap font-read text-[17px]">{one.words}</span>
              {one.comment ? (
                <q className="my-1 block border-l-4 border-edge pl-3">{one.comment.text}</q>
              ) : null}
              <span className="calm">
                {one.comment
                  ? t('aboutComment', { title: one.title, author: one.comment.author })
                  : t('about', { title: one.title, writer: one.writer })}
              </span>
            </span>
            <span className="calm">{t('from', { from: one.from ?? t('aReader'), when: one.when })}</span>
            <span className="flex gap-4">
              {one.address ? (
                <Link className="act" href={one.address} aria-label={t('lookAt', { title: one.title })}>
                  {t('look')}
                </Link>
              ) : null}
              {one.seen ? null : (
                <button
                  type="button"
                  className="act"
                  disabled={busy}
                  onClick={() => void act(seeConcern, { classId, concernId: one.id })}
                >
                  {t('seen')}
                </button>
              )}
            </span>
          </li>
        ))}
      </ul>
      <p role="alert" className="problem">
        {problem}
      </p>
      <OpenDraft drafts={drafts} openings={openings} />
    </main>
  );
}
