'use client';

import { Printer } from 'lucide-react';
import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import type { BookShown, CellShown } from '../../contract/gradebook/bookShown';
import { printSheets } from '../../core/gradebook/tracks';
import { usePercent } from './usePercent';

interface BookPrintProps {
  readonly book: BookShown;
  readonly inClass: string;
  readonly when: string;
}

/** The gradebook as it is printed: so many columns to a sheet, with names and headings on each. */
export function BookPrint({ book, inClass, when }: BookPrintProps) {
  const t = useTranslations('gradebook');
  const format = useFormatter();
  const percent = usePercent(book.rules.rounding);
  const sheets = printSheets(book.rules.categories, book.columns);
  const written = ({ figure, soFar, state }: CellShown) =>
    figure === undefined
      ? state === 'ahead'
        ? ''
        : state === 'waiting'
          ? '–'
          : t(`cell.${state === 'graded' ? 'soFar' : state}`)
      : soFar
        ? `${format.number(figure)} ${t('cell.soFar')}`
        : format.number(figure);
  return (
    <main className="page book-print" id="main">
      <p className="no-print flex items-center gap-5">
        <Link className="act" href={addressesOf(book.classId).gradebook} prefetch={false}>
          {t('printing.back')}
        </Link>
        <span className="calm">{t('printing.says', { count: sheets.length })}</span>
        <button type="button" className="btn go ms-auto" onClick={() => window.print()}>
          <Printer aria-hidden size={18} /> {t('printing.print')}
        </button>
      </p>
      {sheets.map((columns, of) => (
        <table key={columns[0] ?? 'total'}>
          <caption>
            <b dir="auto">{t('printing.title', { inClass })}</b>{' '}
            {columns.length > 0
              ? t('printing.sheet', {
                  first: sheets.slice(0, of).flat().length + 1,
                  last: sheets.slice(0, of + 1).flat().length,
                  of: book.columns.length,
                  when,
                })
              : when}
          </caption>
          <thead>
            <tr>
              <th scope="col">{t('students', { count: book.students.length })}</th>
              {columns.map((at) => {
                const { id, number, title, possible, due } = book.columns[at]!;
                return (
                  <th key={id} scope="col" dir="auto">
                    {number === null ? title : `${number} ${title}`}
                    <small>
                      {t('of', { possible })} {due}
                    </small>
                  </th>
                );
              })}
              {of === sheets.length - 1 ? <th scope="col">{t('total')}</th> : null}
            </tr>
          </thead>
          <tbody>
            {book.students.map(({ id, name, cells, overall, letter }) => (
              <tr key={id}>
                <th scope="row" dir="auto">
                  {name}
                </th>
                {columns.map((at) => (
                  <td key={at}>{written(cells[at]!)}</td>
                ))}
                {of === sheets.length - 1 ? (
                  <td dir="auto">
                    <b>{percent(overall)}</b> {letter}
                  </td>
                ) : null}
              </tr>
            ))}
          </tbody>
        </table>
      ))}
    </main>
  );
}
