'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { answerQuestion } from '../../contract/questions/answerQuestion';
import { dropAnswer } from '../../contract/questions/dropAnswer';
import type { OpenQuestion, PublicAnswer } from '../../contract/questions/questionsShown';
import { Mark } from '../basics/Mark';
import { useAskBeforeLeaving } from '../basics/useAskBeforeLeaving';
import { useDeed } from '../basics/useDeed';
import { AnswerAloud } from './AnswerAloud';

interface AnswerQuestionProps {
  readonly question: OpenQuestion;
  /** Who asks, or what stands for them. */
  readonly name: string;
  /** What was answered to everybody about the same assignment. */
  readonly answered: readonly PublicAnswer[];
  /** The other questions that wait. */
  readonly others: readonly OpenQuestion[];
  readonly onSkip: (() => void) | null;
}

/** One question with the passage that goes along, and the answer: to who asked, or to everybody without the name. */
export function AnswerQuestion({ question, name, answered, others, onSkip }: AnswerQuestionProps) {
  const t = useTranslations('questions');
  const id = useId();
  const { act, busy, problem } = useDeed();
  const [answer, setAnswer] = useState('');
  const [words, setWords] = useState(question.words);
  const [aloud, setAloud] = useState(false);
  const { assignmentId, id: questionId, passage, title, inClass, when } = question;
  useAskBeforeLeaving(answer.trim() ? t('lost') : '');
  const give = (toAll: string | null) =>
    void act(answerQuestion, { assignmentId, questionId, answer, toAll });
  return (
    <>
      <main className="question-page" id="main">
        <aside>
          {passage ? (
            <>
              <b>{t('onlyPassage')}</b>
              <p dir="auto">{t('onlySays', { name })}</p>
            </>
          ) : null}
        </aside>
        <article>
          <p className="calm" dir="auto">
            {title} · {inClass}
          </p>
          {passage ? (
            <blockquote dir="auto">
              <mark>{passage}</mark>
            </blockquote>
          ) : null}
          <section className="asked" dir="auto">
            <p>
              <b>{t('asks', { name })}</b> <small>{when}</small>
            </p>
            <p className="asked-words">{question.words}</p>
          </section>
          {answered.length > 0 ? (
            <section className="before">
              <h2 className="section-head">{t('before', { title })}</h2>
              <ul>
                {answered.map((one) => (
                  <li key={one.id} dir="auto">
                    <q>{one.words}</q> <small>{t('toEverybody')}</small>
                    <p>{one.answer}</p>
                    <button type="button" className="act" onClick={() => setAnswer(one.answer)}>
                      {t('takeAnswer')}
                    </button>{' '}
                    <button
                      type="button"
                      className="act"
                      disabled={busy}
                      onClick={() => void act(dropAnswer, { assignmentId, answerId: one.id })}
                    >
                      {t('drop')}
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          ) : null}
        </article>
        <section className="your-answer">
          <label htmlFor={id}>{t('answer')}</label>
          <textarea
            id={id}
            dir="auto"
            rows={8}
            maxLength={2000}
            value={answer}
            onChange={({ target }) => setAnswer(target.value)}
          />
          <p role="alert" className="problem">
            {problem}
          </p>
          {aloud ? (
            <AnswerAloud question={question} others={others} onDone={() => setAloud(false)} />
          ) : (
            <button type="button" className="act" onClick={() => setAloud(true)}>
              {t('aloud')}
            </button>
          )}
        </section>
      </main>
      <footer className="railing tall with-gate of-question" aria-label={t('answer')}>
        <ul className="bays">
          <li className="bay">
            <b dir="auto">{t('toOne.title', { name })}</b>
            <small dir="auto">{t('toOne.says', { name })}</small>
            <button
              type="button"
              className="sign"
              disabled={busy || !answer.trim()}
              onClick={() => give(null)}
            >
              {t('toOne.do', { name })}
            </button>
          </li>
          <li className="bay">
            <b>{t('toAll.title')}</b>
            <input
              className="field"
              dir="auto"
              aria-label={t('toAll.words')}
              maxLength={1000}
              value={words}
              onChange={({ target }) => setWords(target.value)}
            />
            <small>{t('toAll.says')}</small>
            <button
              type="button"
              className="sign ready"
              disabled={busy || !answer.trim() || !words.trim()}
              onClick={() => give(words)}
            >
              {t('toAll.do')}
            </button>
          </li>
        </ul>
        <section className="gate" aria-label={t('gate')}>
          <Mark id="gate-open" className="leaf" />
          <div className="say">
            <b>{t('next', { count: others.length })}</b>
            {onSkip ? (
              <button type="button" className="act mt-3" onClick={onSkip}>
                {t('leaveFor')}
              </button>
            ) : null}
          </div>
        </section>
      </footer>
    </>
  );
}
