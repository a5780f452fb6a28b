'use client';

import { useFormatter, useTranslations } from 'next-intl';
import type { DifferenceShown, TermShown } from '../../contract/gradebook/termShown';
import { takeOver } from '../../contract/gradebook/takeOver';
import { useNumberInWords } from '../basics/useNumberInWords';
import { usePercent } from '../gradebook/usePercent';
import { useDeed } from '../basics/useDeed';

interface DifferencesProps {
  readonly term: TermShown;
  readonly differences: readonly DifferenceShown[];
}

/** Figures that changed after a term was closed: each counts once a teacher takes it over. */
export function Differences({ term, differences }: DifferencesProps) {
  const t = useTranslations('term.after');
  const format = useFormatter();
  const inWords = useNumberInWords();
  const { act, busy, problem } = useDeed();
  const percent = usePercent(term.rounding);
  const marks = new Map(term.students.map((student) => [student.personId, student]));
  const written = (figure: number | null) => (figure === null ? '–' : format.number(figure));
  const take = (some: readonly DifferenceShown[]) =>
    act(takeOver, {
      classId: term.classId,
      term: term.term,
      figures: some.map(({ personId, columnId, after }) => ({ personId, columnId, figure: after })),
    });
  return (
    <section className="term-after" aria-label={t('label')}>
      <h2>
        {t('title', { count: differences.length, number: inWords(differences.length) })}{' '}
        {term.mayChange && differences.length > 1 ? (
          <button type="button" className="act" disabled={busy} onClick={() => void take(differences)}>
            {t('takeAll', { count: differences.length })}
          </button>
        ) : null}
      </h2>
      <ul>
        {differences.map((one) => {
          const { personId, name, columnId, title, before, after, excused, possible, total, said } = one;
          const was = marks.get(personId);
          return (
            <li key={`${personId} ${columnId}`}>
              <b dir="auto">{name}</b>
              <span dir="auto">
                {excused === null
                  ? t.rich('figure', {
                      ...{ title, possible, before: written(before), after: written(after) },
                      b: (words) => <b>{words}</b>,
                    })
                  : t(excused === 'now' ? 'excused' : 'asked', { title })}
              </span>
              <span dir="auto">
                {t.rich('total', {
                  before: percent(was?.overall ?? null),
                  after: percent(total.overall),
                  b: (words) => <b>{words}</b>,
                })}
                {term.bands.length > 0
                  ? `, ${t(was?.computed === total.mark ? 'same' : 'then', { mark: total.mark ?? '–' })}`
                  : null}
              </span>
              <span dir="auto">
                {said ? t('said', { by: said.self ? 'you' : 'other', name: said.by, when: said.when }) : null}
                {said?.reason ? `: ${said.reason}` : null}
              </span>
              {term.mayChange ? (
                <button
                  type="button"
                  className="act"
                  disabled={busy}
                  aria-label={t('takeOf', { name, title })}
                  onClick={() => void take([one])}
                >
                  {t('take')}
                </button>
              ) : null}
            </li>
          );
        })}
      </ul>
      {problem ? (
        <p role="alert" className="problem">
          {problem}
        </p>
      ) : null}
      <p className="calm">{t('stands')}</p>
    </section>
  );
}
