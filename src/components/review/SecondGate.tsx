'use client';

import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { reviewAddress } from '../../contract/addresses';
import { finishSecondReading } from '../../contract/secondReadings/finishSecondReading';
import { Mark } from '../basics/Mark';
import type { ReviewRailingProps } from './reviewProps';

interface SecondGateProps extends ReviewRailingProps {
  /** How much is not judged yet. */
  readonly open: number;
}

/** In the place of the decision, for who reads a post a second time: being done with it. */
export function SecondGate({ grade, open, busy, problem, act, notesAtWork, nextPostId }: SecondGateProps) {
  const t = useTranslations('review.second');
  const format = useFormatter();
  const router = useRouter();
  const next = nextPostId ? reviewAddress(nextPostId) : '/pile';
  return (
    <section className="gate" aria-label={t('heading')}>
      <Mark id="gate-shut" className="leaf" />
      <div className="board">
        <div className="facts">
          <div>
            <b>{t('heading')}</b>
            {t('kept')}
          </div>
          <div>
            <b>{t('grade')}</b>
            {t(grade.provisional ? 'so' : 'figure', {
              grade: format.number(grade.grade),
              possible: grade.possible,
            })}
          </div>
        </div>
        {problem ? (
          <p className="problem px-3 py-1" role="alert">
            {problem}
          </p>
        ) : null}
        <div className="doing">
          <Link className="sign no-underline" href={next} prefetch={false}>
            {t('next')}
          </Link>
          <button
            type="button"
            className={open > 0 ? 'sign' : 'sign ready'}
            disabled={busy || open > 0}
            onClick={async () => {
              // The last typed word of a note goes along.
              if (!(await notesAtWork.flush())) return;
              if (await act(finishSecondReading, {})) router.push(next);
            }}
          >
            {t('done')}
            <small>{open > 0 ? t('toJudge', { count: open }) : t('then')}</small>
          </button>
        </div>
      </div>
    </section>
  );
}
