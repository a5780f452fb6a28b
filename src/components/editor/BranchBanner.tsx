'use client';

import { useTranslations } from 'next-intl';
import { readableText } from './readableText';
import type { Writing } from './composeProps';

interface BranchBannerProps {
  readonly mine: Writing;
  readonly theirs: Writing;
  readonly onMine: () => void;
  readonly onTheirs: () => void;
}

/** Shown where the same post was changed on another device: both versions beside each other, and the writer chooses. */
export function BranchBanner({ mine, theirs, onMine, onTheirs }: BranchBannerProps) {
  const t = useTranslations('editor.branch');
  return (
    <section className="mb-5 grid gap-3 border-y-2 border-clay bg-paper p-4 font-ui" aria-label={t('title')}>
      <h2 className="text-[17px] font-bold">{t('title')}</h2>
      <p>{t('nothingLost')}</p>
      <div className="grid grid-cols-1 gap-4 sm:grid-cols-2">
        <Version title={t('here')} writing={mine} action={t('useHere')} onChoose={onMine} />
        <Version title={t('elsewhere')} writing={theirs} action={t('useElsewhere')} onChoose={onTheirs} />
      </div>
    </section>
  );
}

interface VersionProps {
  readonly title: string;
  readonly writing: Writing;
  readonly action: string;
  readonly onChoose: () => void;
}

function Version({ title, writing, action, onChoose }: VersionProps) {
  return (
    <div className="grid content-start gap-2">
      <h3 className="font-bold">{title}</h3>
      <p className="font-read text-[17px]">{writing.title}</p>
      <p className="max-h-40 overflow-auto whitespace-pre-wrap text-[14px] text-ink-2" tabIndex={0}>
        {readableText(writing)}
      </p>
      <span>
        <button type="button" className="btn" onClick={onChoose}>
          {action}
        </button>
      </span>
    </div>
  );
}
