'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { answerAloud } from '../../contract/questions/answerAloud';
import type { OpenQuestion } from '../../contract/questions/questionsShown';
import { useDeed } from '../basics/useDeed';

interface AnswerAloudProps {
  readonly question: OpenQuestion;
  /** The other questions that wait. */
  readonly others: readonly OpenQuestion[];
  readonly onDone: () => void;
}

/** Closes a question that was answered in class, for all who asked the same. */
export function AnswerAloud({ question, others, onDone }: AnswerAloudProps) {
  const t = useTranslations('questions');
  const { act, busy, problem } = useDeed();
  const alike = others.filter(({ id }) => question.alike.includes(id));
  // What is not shown here is not closed unseen.
  const [chosen, setChosen] = useState<ReadonlySet<string>>(() => new Set(question.alike));
  const ids = [question.id, ...alike.map(({ id }) => id).filter((id) => chosen.has(id))];
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void act(answerAloud, { assignmentId: question.assignmentId, questionIds: ids });
      }}
    >
      {alike.length > 0 ? <p>{t('aloudAsks', { count: alike.length })}</p> : null}
      {alike.map(({ id, words }) => (
        <label key={id} className="flex items-start gap-2" dir="auto">
          <input
            type="checkbox"
            checked={chosen.has(id)}
            onChange={({ target }) => {
              const next = new Set(chosen);
              if (target.checked) next.add(id);
              else next.delete(id);
              setChosen(next);
            }}
          />
          {words}
        </label>
      ))}
      <p role="alert" className="problem">
        {problem}
      </p>
      <span className="flex gap-3">
        <button className="btn go" disabled={busy}>
          {t('aloudDo', { count: ids.length })}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}
