'use client';

import { useTranslations } from 'next-intl';
import { useEffect, useState } from 'react';
import type { OwnQuestion, QuestionsOfAssignment } from '../../contract/questions/questionsShown';
import { seeAnswers } from '../../contract/questions/seeAnswers';
import { takeBackQuestion } from '../../contract/questions/takeBackQuestion';
import { call } from '../basics/call';
import { useDeed } from '../basics/useDeed';
import { AskForm } from './AskForm';

export interface AskAndAnswersProps {
  readonly questions: QuestionsOfAssignment;
  /** The own draft that is written in; null beside none. */
  readonly postId: string | null;
  /** What is marked in the draft now. */
  readonly marked?: () => string;
}

/** What was answered to everybody about an assignment, what one asked oneself, and the way to ask. */
export function AskAndAnswers({ questions, postId, marked }: AskAndAnswersProps) {
  const t = useTranslations('ask');
  const { act, busy, problem } = useDeed();
  const [asking, setAsking] = useState(false);
  const [sent, setSent] = useState(false);
  const { assignmentId, answers, own, unseen } = questions;
  useEffect(() => {
    if (unseen) void call(seeAnswers, { assignmentId });
  }, [unseen, assignmentId]);
  return (
    <section className="questions-beside" aria-label={t('heading')}>
      {answers.length > 0 ? (
        <>
          <h2 className="section-head">{t('answered')}</h2>
          <dl>
            {answers.map(({ id, words, answer }) => (
              <div key={id} dir="auto">
                <dt>{words}</dt>
                <dd>{answer}</dd>
              </div>
            ))}
          </dl>
        </>
      ) : null}
      {own.length > 0 ? (
        <>
          <h2 className="section-head">{t('own')}</h2>
          <ul>
            {own.map((question) => (
              <li key={question.id} dir="auto">
                {question.passage ? <q>{question.passage}</q> : null}
                <b>{question.words}</b>
                <Answered question={question} />
                {question.state === 'open' ? (
                  <button
                    type="button"
                    className="act"
                    disabled={busy}
                    onClick={() => void act(takeBackQuestion, { assignmentId, questionId: question.id })}
                  >
                    {t('takeBack')}
                  </button>
                ) : null}
              </li>
            ))}
          </ul>
        </>
      ) : null}
      <p role="alert" className="problem">
        {problem}
      </p>
      {asking ? (
        <AskForm
          questions={questions}
          postId={postId}
          marked={marked ?? null}
          onDone={(went) => {
            setAsking(false);
            setSent(went);
          }}
        />
      ) : (
        <button
          type="button"
          className="act"
          onClick={() => {
            setAsking(true);
            setSent(false);
          }}
        >
          {t('open')}
        </button>
      )}
      <p role="status">{sent ? t('sent') : ''}</p>
    </section>
  );
}

/** How an own question stands, with the answer to it. */
function Answered({ question }: { readonly question: OwnQuestion }) {
  const t = useTranslations('ask');
  const { state, answer, by, when } = question;
  return (
    <>
      {answer ? <span className="answer">{answer}</span> : null}
      <small>
        {state === 'open' ? t('waits') : state === 'aloud' ? t('aloud') : state === 'all' ? t('toAll') : null}
        {state === 'alone' && by ? t('by', { by, when: when ?? '' }) : null}
      </small>
    </>
  );
}
