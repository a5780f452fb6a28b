'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { reviewAddress } from '../../contract/addresses';
import { undoDecision } from '../../contract/reviews/undoDecision';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { forgetDecided, useJustDecided } from './justDecided';

/** What was decided last, and undoing it, for as long as that goes; on whatever page of the pile comes next. */
export function UndoDecision() {
  const t = useTranslations('review.undo');
  const router = useRouter();
  const decided = useJustDecided();
  const { busy, problem, wait } = useAsking();
  const undo = async (postId: string) => {
    const outcome = await wait(call(undoDecision, { postId }));
    if (!outcome.ok) return;
    forgetDecided();
    router.push(reviewAddress(postId));
    router.refresh();
  };
  return (
    <div className="undo-decision no-print" role="status">
      {decided ? (
        <p>
          {t(decided.decision, { title: decided.title, name: decided.writer })}{' '}
          <button
            type="button"
            className="act"
            data-undo=""
            disabled={busy}
            onClick={() => void undo(decided.postId)}
          >
            {t('undo')}
          </button>
        </p>
      ) : null}
      {problem ? (
        <p role="alert" className="problem">
          {problem}
        </p>
      ) : null}
    </div>
  );
}
