'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useState } from 'react';
import type { OpenQuestion, QuestionsShown } from '../../contract/questions/questionsShown';
import { useNumberInWords } from '../basics/useNumberInWords';
import { AnswerQuestion } from './AnswerQuestion';

/** The private questions that wait for a teacher, one after the other. */
export function QuestionsPage({ waiting, questions, answered }: QuestionsShown) {
  const t = useTranslations('questions');
  const inWords = useNumberInWords();
  const [chosen, setChosen] = useState<string | null>(null);
  const at = questions.find(({ id }) => id === chosen) ?? questions[0] ?? null;
  const name = (question: OpenQuestion) => question.name ?? t('someone');
  const after = at ? questions.filter(({ id }) => id !== at.id) : [];
  const skip = () => {
    const place = questions.findIndex(({ id }) => id === at?.id);
    setChosen(questions[(place + 1) % questions.length]?.id ?? null);
  };
  return (
    <>
      <div className="questions-head">
        <div>
          <h1>{t('title', { count: waiting, number: inWords(waiting) })}</h1>
          <p>{questions.length > 0 ? t('under') : t('none')}</p>
        </div>
        <ul>
          {questions.map((question) => (
            <li key={question.id}>
              <button
                type="button"
                aria-pressed={question.id === at?.id}
                onClick={() => setChosen(question.id)}
              >
                <b dir="auto">{name(question)}</b>
                <small>{question.ago}</small>
                <span dir="auto">
                  {t(question.passage ? 'aboutPassage' : 'aboutAsked', { title: question.title })}
                </span>
              </button>
            </li>
          ))}
        </ul>
        <Link className="act" href="/pile" prefetch={false}>
          {t('pile')}
        </Link>
      </div>
      {at ? (
        <AnswerQuestion
          key={at.id}
          question={at}
          name={name(at)}
          answered={answered[at.assignmentId] ?? []}
          others={after}
          onSkip={after.length > 0 ? skip : null}
        />
      ) : (
        <main className="page" id="main" />
      )}
    </>
  );
}
