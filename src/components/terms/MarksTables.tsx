'use client';

import { useTranslations } from 'next-intl';
import type { MarkShown, TermInYear } from '../../contract/gradebook/termShown';
import { MarkRow } from './MarkRow';

interface MarksTablesProps {
  readonly classId: string;
  /** The first day of the term, or `year`. */
  readonly term: string;
  readonly students: readonly MarkShown[];
  readonly bands: readonly { readonly letter: string; readonly from: number }[];
  readonly rounding: number;
  readonly mayGive: boolean;
  /** Of a year: the totals of its terms, by student. */
  readonly totals?: readonly (readonly (number | null)[])[];
  readonly weights: readonly TermInYear[];
}

/** The marks, in two tables beside each other where there is room; those of a year with its terms, in one. */
export function MarksTables({ students, totals, weights, ...row }: MarksTablesProps) {
  const t = useTranslations('term.marks');
  const half = totals ? students.length : Math.ceil(students.length / 2);
  const parts = [students.slice(0, half), students.slice(half)].filter((part) => part.length > 0);
  return (
    <div className={totals ? 'term-marks whole' : 'term-marks'}>
      {parts.map((part, of) => (
        <table key={part[0]?.personId}>
          <thead>
            <tr>
              <th scope="col">{t('student')}</th>
              {totals
                ? weights.map(({ term, name }) => (
                    <th key={term} scope="col" className="r" dir="auto">
                      {name}
                    </th>
                  ))
                : null}
              <th scope="col" className="r">
                {t('computed')}
              </th>
              <th scope="col" className="post">
                {t('final')} {row.mayGive ? <em>{t('press')}</em> : null}
              </th>
              <th scope="col">{t('reason')}</th>
            </tr>
          </thead>
          <tbody>
            {part.map((mark, at) => (
              <MarkRow key={mark.personId} {...row} mark={mark} terms={totals?.[of * half + at] ?? []} />
            ))}
          </tbody>
        </table>
      ))}
    </div>
  );
}
