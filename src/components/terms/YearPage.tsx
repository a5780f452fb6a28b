'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import type { YearShown } from '../../contract/gradebook/termShown';
import { YEAR } from '../../core/gradebook/terms';
import { MarksFile } from './MarksFile';
import { MarksTables } from './MarksTables';
import { TermTabs } from './TermTabs';
import { Weights } from './Weights';

/** The year: what its terms make of each student. */
export function YearPage(year: YearShown) {
  const t = useTranslations('term');
  const [weighing, setWeighing] = useState(false);
  const open = year.tabs.filter(({ closed }) => !closed).length;
  return (
    <>
      <TermTabs classId={year.classId} tabs={year.tabs} current={YEAR}>
        {year.mayChange ? (
          <button
            type="button"
            className="fill"
            aria-expanded={weighing}
            onClick={() => setWeighing(!weighing)}
          >
            {t('weigh')}
          </button>
        ) : null}
      </TermTabs>
      <main className="term-page" id="main">
        {weighing ? <Weights term={year} onDone={() => setWeighing(false)} /> : null}
        <div className="term-ways">
          <h1 className="says">{t('yearTitle', { open })}</h1>
          {year.mayChange ? <MarksFile classId={year.classId} term={YEAR} closed={open === 0} /> : null}
        </div>
        <p className="under" dir="auto">
          {year.weights
            .map(({ name, share }) => (share === null ? name : t('counts', { name, share })))
            .join(' · ')}
        </p>
        {year.students.length === 0 ? (
          <p className="calm mt-4">{t('nobody')}</p>
        ) : (
          <MarksTables {...year} term={YEAR} mayGive={year.mayChange} />
        )}
      </main>
    </>
  );
}
