'use client';

import { useFormatter, useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { setGrade } from '../../contract/reviews/setGrade';
import { call } from '../basics/call';
import { useRefusal } from '../basics/useRefusal';

/** Another figure for a post than the one that was made of its lines. */
export interface PostChange {
  readonly postId: string;
  readonly handInId: string;
  readonly name: string;
  readonly column: string;
  readonly before: number | null;
  readonly figure: number;
}

interface ReasonPanelProps {
  readonly changes: readonly PostChange[];
  readonly onDone: () => void;
}

/** Figures of posts come from their reviews; to change some here takes a reason, one for all of them. */
export function ReasonPanel({ changes, onDone }: ReasonPanelProps) {
  const t = useTranslations('gradebook.reason');
  const format = useFormatter();
  const refusal = useRefusal();
  const router = useRouter();
  const id = useId();
  const [reason, setReason] = useState('');
  const [done, setDone] = useState<number | null>(null);
  const [failed, setFailed] = useState<readonly { readonly change: PostChange; readonly why: string }[]>([]);
  const [left, setLeft] = useState(changes);
  const change = async () => {
    const wrong: { readonly change: PostChange; readonly why: string }[] = [];
    for (const [at, one] of left.entries()) {
      setDone(at);
      const { postId, handInId, figure } = one;
      const outcome = await call(setGrade, { postId, handInId, grade: figure, reason });
      if (!outcome.ok) wrong.push({ change: one, why: refusal(outcome) });
    }
    setDone(null);
    setFailed(wrong);
    setLeft(wrong.map((one) => one.change));
    router.refresh();
    if (wrong.length === 0) onDone();
  };
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void change();
      }}
    >
      <h2>{t('title', { count: left.length })}</h2>
      <p className="calm">{t('says')}</p>
      <ul className="grid gap-1">
        {left.map(({ postId, name, column, before, figure }) => (
          <li key={postId} dir="auto">
            {t('change', {
              name,
              column,
              before: before === null ? '–' : format.number(before),
              figure: format.number(figure),
            })}
            {failed
              .filter((one) => one.change.postId === postId)
              .map(({ why }) => (
                <span key={why} className="problem block">
                  {why}
                </span>
              ))}
          </li>
        ))}
      </ul>
      <label className="grid gap-1" htmlFor={id}>
        {t('reason')}
        <input
          id={id}
          className="field"
          dir="auto"
          autoFocus
          required
          maxLength={300}
          value={reason}
          onChange={({ target }) => setReason(target.value)}
        />
      </label>
      {done === null ? null : (
        <p role="status">
          <progress value={done} max={left.length} /> {t('progress', { done, of: left.length })}
        </p>
      )}
      <span className="flex gap-3">
        <button className="btn go" disabled={done !== null || !reason.trim()}>
          {t('give', { count: left.length })}
        </button>
        <button type="button" className="btn" data-leave="" onClick={onDone}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}
