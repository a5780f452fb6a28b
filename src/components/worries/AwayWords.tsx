'use client';

import { useTranslations } from 'next-intl';
import { putWordsBack } from '../../contract/worries/putWordsBack';
import { useDeed } from '../basics/useDeed';

interface AwayWordsProps {
  readonly postId: string;
  /** What is said under the post; null for the post itself. */
  readonly comment: { readonly id: string; readonly author: string } | null;
  readonly own: boolean;
  readonly putsBack: boolean;
}

/** That a worry keeps words from their readers: to who wrote them who reads them now, to a teacher the way to put them back. */
export function AwayWords({ postId, comment, own, putsBack }: AwayWordsProps) {
  const t = useTranslations('awayWords');
  const { act, busy, problem } = useDeed();
  return (
    <div className="my-2 border-l-4 border-clay pl-3 text-[14px]">
      <p>
        {t(own ? 'writer' : 'teacher')}{' '}
        {putsBack ? (
          <button
            type="button"
            className="act"
            disabled={busy}
            {...(comment ? { 'aria-label': t('putBackName', { name: comment.author }) } : {})}
            onClick={() => void act(putWordsBack, { postId, commentId: comment?.id ?? null })}
          >
            {t('putBack')}
          </button>
        ) : null}
      </p>
      <p role="alert" className="problem">
        {problem}
      </p>
    </div>
  );
}
