'use client';

import { ArrowDown, ArrowUp } from 'lucide-react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { placePage } from '../../contract/pages/placePage';
import type { Audience } from '../../core/access/audience';
import { MakeButton } from '../basics/MakeButton';
import { useDeed } from '../basics/useDeed';
import { useNumberInWords } from '../basics/useNumberInWords';

interface PageListed {
  readonly id: string;
  readonly title: string;
  /** When it was changed last, in words, and by whom. */
  readonly changed: string;
  readonly by: string;
  /** Who reads it; null for nobody. */
  readonly audience: Audience | null;
  /** Whether what is written is newer than what they read. */
  readonly newer: boolean;
  /** Before whom a student editor would like it. */
  readonly asked: { readonly audience: Audience; readonly by: string } | null;
}

interface PageListProps {
  readonly classId: string;
  readonly resting: boolean;
  readonly pages: readonly PageListed[];
}

/** The pages of a class blog, in the order in which readers find them. */
export function PageList({ classId, resting, pages }: PageListProps) {
  const t = useTranslations('pages');
  const inWords = useNumberInWords();
  const { act, busy, problem } = useDeed();
  const waiting = pages.filter((page) => page.asked).length;
  return (
    <main className="page" id="main">
      <div className="flex flex-wrap items-start justify-between gap-4">
        <div className="max-w-[760px]">
          <h1 className="says">
            {t('says', { count: pages.length, number: inWords(pages.length), waiting })}
          </h1>
          <p className="under">{t('under')}</p>
        </div>
        {resting ? null : <MakeButton label={t('make')} what="page" classId={classId} />}
      </div>
      <p className="problem" role="alert">
        {problem}
      </p>
      <ol className="rows mt-6">
        {pages.map((page, index) => {
          const title = page.title.trim() || t('untitled');
          return (
            <li key={page.id} className="sm:grid-cols-[1fr_260px_96px_90px]">
              <span>
                <b>{title}</b>
                <span className="calm block">
                  {t('changed', { when: page.changed, by: page.by || 'none' })}
                </span>
              </span>
              <Readers {...page} />
              <span className="flex gap-2">
                {([-1, 1] as const).map((step) => (
                  <button
                    key={step}
                    type="button"
                    className="btn !px-2"
                    disabled={busy || resting || !pages[index + step]}
                    aria-label={t(step < 0 ? 'up' : 'down', { title })}
                    onClick={() => void act(placePage, { pageId: page.id, place: index + step })}
                  >
                    {step < 0 ? (
                      <ArrowUp aria-hidden="true" size={16} />
                    ) : (
                      <ArrowDown aria-hidden="true" size={16} />
                    )}
                  </button>
                ))}
              </span>
              <Link
                className="btn"
                href={addressesOf(classId).page(page.id)}
                aria-label={t('openTitle', { title })}
              >
                {t('open')}
              </Link>
            </li>
          );
        })}
      </ol>
    </main>
  );
}

function Readers({ audience, newer, asked }: PageListed) {
  const t = useTranslations('pages');
  return (
    <span className="calm">
      {audience ? t('readBy', { audience }) : t('nobody')}
      {newer ? <span className="block">{t('newer')}</span> : null}
      {asked ? (
        <b className="block text-ink">{t('asks', { name: asked.by, audience: asked.audience })}</b>
      ) : null}
    </span>
  );
}
