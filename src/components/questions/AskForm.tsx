'use client';

import { useTranslations } from 'next-intl';
import { useId, useMemo, useState } from 'react';
import { askQuestion } from '../../contract/questions/askQuestion';
import type { QuestionsOfAssignment } from '../../contract/questions/questionsShown';
import { questionFinder } from '../../core/questions/likeQuestions';
import { useDeed } from '../basics/useDeed';

interface AskFormProps {
  readonly questions: QuestionsOfAssignment;
  readonly postId: string | null;
  /** What is marked in the draft now; null beside none. */
  readonly marked: (() => string) | null;
  /** @param went whether it was asked */
  readonly onDone: (went: boolean) => void;
}

/** So many questions that were asked before are shown while one is typed. */
const MOST_FOUND = 3;
/** As much of a passage goes along. */
const LONGEST_PASSAGE = 2000;

/** Asks the teachers privately; what was answered before is found while it is typed. */
export function AskForm({ questions, postId, marked, onDone }: AskFormProps) {
  const t = useTranslations('ask');
  const id = useId();
  const { act, busy, problem } = useDeed();
  const [words, setWords] = useState('');
  const [passage, setPassage] = useState(() => marked?.() ?? '');
  const [nothingMarked, setNothingMarked] = useState(false);
  const { assignmentId, language, answers } = questions;
  const find = useMemo(() => questionFinder(answers, language), [answers, language]);
  const found = find(words, MOST_FOUND);
  return (
    <form
      className="ask-form"
      onKeyDown={(event) => {
        if (event.key === 'Escape') onDone(false);
      }}
      onSubmit={async (event) => {
        event.preventDefault();
        const shown = postId && passage ? { postId, text: passage.slice(0, LONGEST_PASSAGE) } : null;
        if (await act(askQuestion, { assignmentId, words, passage: shown })) onDone(true);
      }}
    >
      <label htmlFor={id} className="font-semibold">
        {t('label')}
      </label>
      <textarea
        id={id}
        className="field"
        dir="auto"
        rows={3}
        maxLength={1000}
        required
        autoFocus
        aria-describedby={`${id}-private`}
        value={words}
        onChange={({ target }) => setWords(target.value)}
      />
      {found.length > 0 ? (
        <div role="status">
          <b>{t('found')}</b>
          <dl>
            {found.map((one) => (
              <div key={one.id} dir="auto">
                <dt>{one.words}</dt>
                <dd>{one.answer}</dd>
              </div>
            ))}
          </dl>
        </div>
      ) : null}
      {postId && marked ? (
        passage ? (
          <div>
            <small>{t('passage')}</small>
            <q dir="auto">{passage}</q>
            <button type="button" className="act" onClick={() => setPassage('')}>
              {t('without')}
            </button>
          </div>
        ) : (
          <p>
            <button
              type="button"
              className="act"
              onClick={() => {
                const now = marked();
                setPassage(now);
                setNothingMarked(now === '');
              }}
            >
              {t('mark')}
            </button>
            {nothingMarked ? (
              <span role="alert" className="problem block">
                {t('markFirst')}
              </span>
            ) : null}
          </p>
        )
      ) : null}
      <small id={`${id}-private`}>{t('private')}</small>
      {problem ? (
        <p role="alert" className="problem">
          {problem}
        </p>
      ) : null}
      <span className="flex gap-3">
        <button className="btn go" disabled={busy || !words.trim()}>
          {t('send')}
        </button>
        <button type="button" className="btn" onClick={() => onDone(false)}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}
