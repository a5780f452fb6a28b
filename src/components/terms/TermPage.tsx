'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import type { TermShown } from '../../contract/gradebook/termShown';
import { useNumberAmidWords } from '../basics/useNumberInWords';
import { Differences } from './Differences';
import { LeftToDo } from './LeftToDo';
import { MarksFile } from './MarksFile';
import { MarksTables } from './MarksTables';
import { TermRailing } from './TermRailing';
import { TermTabs } from './TermTabs';
import { Weights } from './Weights';

/** A term: what is left to do before it can be closed, the marks, and what changed after it was closed. */
export function TermPage(term: TermShown) {
  const t = useTranslations('term');
  const amidWords = useNumberAmidWords();
  const [weighing, setWeighing] = useState(false);
  const { name, unread, notBack, closed, columns, timeless } = term;
  const share = term.weights.find((one) => one.term === term.term)?.share ?? null;
  return (
    <>
      <TermTabs classId={term.classId} tabs={term.tabs} current={term.term}>
        {term.days}
        {term.tabs.length > 1 && share !== null ? (
          term.mayChange ? (
            <>
              {', '}
              <button
                type="button"
                className="fill"
                aria-expanded={weighing}
                onClick={() => setWeighing(!weighing)}
              >
                {t('share', { share })}
              </button>
            </>
          ) : (
            `, ${t('share', { share })}`
          )
        ) : null}
      </TermTabs>
      <main className="term-page" id="main">
        {weighing ? <Weights term={term} onDone={() => setWeighing(false)} /> : null}
        <div className="term-ways">
          <h1 className="says" dir="auto">
            {closed
              ? t('closedTitle', { name, count: closed.differences.length })
              : unread + notBack > 0
                ? t('toGo', { name, unread, notBack, posts: amidWords(unread) })
                : t(columns === 0 ? 'noColumns' : 'canClose', { name })}
          </h1>
          {term.mayChange ? (
            <MarksFile classId={term.classId} term={term.term} closed={closed !== null} />
          ) : null}
        </div>
        {closed ? (
          <p className="under" dir="auto">
            {t('closedBy', { by: closed.by, when: closed.when })}{' '}
            {closed.reason ? t('closedAllTheSame', { reason: closed.reason }) : ''}{' '}
            {closed.otherRules ? t('otherRules') : ''}
          </p>
        ) : (
          <LeftToDo term={term} />
        )}
        {closed && closed.differences.length > 0 ? (
          <Differences term={term} differences={closed.differences} />
        ) : null}
        {term.students.length === 0 ? (
          <p className="calm mt-4">{t('nobody')}</p>
        ) : (
          <MarksTables {...term} mayGive={term.mayChange && !closed} />
        )}
        {timeless > 0 ? <p className="calm mt-3">{t('timeless', { count: timeless })}</p> : null}
      </main>
      <TermRailing term={term} />
    </>
  );
}
