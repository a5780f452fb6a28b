'use client';

import { useTranslations } from 'next-intl';
import type { TalkSheet } from '../../contract/gradebook/sheetShown';
import { usePercent } from '../gradebook/usePercent';

interface TalkGradesProps {
  readonly sheet: TalkSheet;
  readonly rounding: number;
}

/** What was given back, by parts, with the total of that alone. */
export function TalkGrades({ sheet: { told, waiting }, rounding }: TalkGradesProps) {
  const t = useTranslations('talk');
  const s = useTranslations('sheet');
  const percent = usePercent(rounding);
  const graded = told.categories.filter(({ figures }) => figures.length > 0);
  const scored = graded.filter(({ score }) => score !== null).length;
  return (
    <>
      <h2>{t('parts', { count: scored, of: graded.length + waiting.length })}</h2>
      <table className="talk-grades">
        <tbody>
          {graded.map(({ title, score, figures }) => (
            <tr key={title ?? ''}>
              <th scope="row" dir="auto">
                {title ?? (graded.length + waiting.length > 1 ? s('noCategory') : s('noTitle'))}
              </th>
              <td dir="auto">
                {figures
                  .map(({ title: of, figure, possible }) => `${of}: ${s('figure', { figure, possible })}`)
                  .join('; ')}
              </td>
              <td className="r">{score === null ? '–' : s('percent', { percent: percent(score) })}</td>
            </tr>
          ))}
          {waiting.map((title) => (
            <tr key={title}>
              <th scope="row" dir="auto">
                {title}
              </th>
              <td>{t('nothingBack')}</td>
              <td className="r">–</td>
            </tr>
          ))}
          <tr className="all">
            <th scope="row">{t('soFar')}</th>
            <td dir="auto">{told.letter}</td>
            <td className="r">
              {told.overall === null ? '–' : s('percent', { percent: percent(told.overall) })}
            </td>
          </tr>
        </tbody>
      </table>
    </>
  );
}
