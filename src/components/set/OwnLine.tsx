'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { keepOwnLine } from '../../contract/gradebook/keepOwnLine';
import { useAskBeforeLeaving } from '../basics/useAskBeforeLeaving';
import { useDeed } from '../basics/useDeed';

interface OwnLineProps {
  readonly classId: string;
  readonly personId: string;
  readonly name: string;
  readonly words: string;
  /** After how many months without a change it goes; null where it stays. */
  readonly months: number | null;
}

/** What a teacher notes about a student for themselves. */
export function OwnLine({ classId, personId, name, words, months }: OwnLineProps) {
  const t = useTranslations('ownLine');
  const id = useId();
  const { act, busy, problem } = useDeed();
  const [typed, setTyped] = useState(words);
  const [kept, setKept] = useState(false);
  useAskBeforeLeaving(typed.trim() === words ? '' : t('lost'));
  return (
    <form
      className="mt-8 grid max-w-2xl gap-2"
      onSubmit={async (event) => {
        event.preventDefault();
        setKept(await act(keepOwnLine, { classId, personId, words: typed, was: words }));
      }}
    >
      <label htmlFor={id} className="section-head">
        {t('label', { name })}
      </label>
      <textarea
        id={id}
        className="field"
        dir="auto"
        rows={2}
        maxLength={1000}
        aria-describedby={`${id}-says`}
        value={typed}
        onChange={({ target }) => {
          setTyped(target.value);
          setKept(false);
        }}
      />
      <p id={`${id}-says`} className="calm">
        {t('says', { name, months: months ?? 0 })}
      </p>
      <span className="flex items-center gap-3">
        <button className="btn" disabled={busy || typed.trim() === words}>
          {t('keep')}
        </button>
        <span role="status">{kept ? t('kept') : ''}</span>
        {problem ? (
          <span role="alert" className="problem">
            {problem}
          </span>
        ) : null}
      </span>
    </form>
  );
}
