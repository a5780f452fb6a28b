'use client';

import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import type { BookShown, StudentShown } from '../../contract/gradebook/bookShown';
import type { TrackGroup } from '../../core/gradebook/tracks';

interface TotalPanelProps {
  readonly book: BookShown;
  readonly student: StudentShown;
  readonly groups: readonly TrackGroup[];
}

/** A total, unfolded into the sum that makes it, so that it can be read out. */
export function TotalPanel({ book, student, groups }: TotalPanelProps) {
  const t = useTranslations('gradebook.panel');
  const b = useTranslations('gradebook');
  const format = useFormatter();
  const { overall, letter, soFar, categories } = student;
  const titles = new Map(book.columns.map(({ id, title }) => [id, title]));
  const named = (ids: readonly string[]) => ids.map((id) => titles.get(id) ?? '').join(', ');
  const shown = groups.flatMap(({ category, tracks }) => {
    const own = categories.find(({ id }) => id === (category?.id ?? null));
    const weight = category?.weight ?? 1;
    return own && tracks.length > 0 ? [{ ...own, weight, title: category?.title ?? b('noCategory') }] : [];
  });
  const counting = shown.filter(({ score, weight }) => score !== null && weight > 0);
  const weights = counting.reduce((sum, { weight }) => sum + weight, 0);
  return (
    <>
      <h2 dir="auto">{student.name}</h2>
      <p className="calm">{t('total')}</p>
      <p className="book-figure">
        {overall === null ? '–' : t('percentOnly', { percent: overall })}{' '}
        {letter ? <small dir="auto">{letter}</small> : null}
      </p>
      {overall === null ? <p className="calm">{t('noTotal')}</p> : null}
      {counting.length > 0 ? (
        <table className="sum">
          <caption>{t('made')}</caption>
          <tbody>
            {shown.map(({ id, title, score, weight, counted, dropped }) => (
              <tr key={id ?? ''}>
                <td dir="auto">
                  {title}
                  <small className="calm block">
                    {counted.length > 0 ? named(counted) : t('nothingCounts')}
                    {dropped.length > 0 ? ` ${t('without', { columns: named(dropped) })}` : ''}
                  </small>
                </td>
                <td>
                  {score === null || weight === 0
                    ? '–'
                    : counting.length === 1
                      ? format.number(score)
                      : t('timesShare', { score, share: weight / weights })}
                </td>
              </tr>
            ))}
            <tr className="all">
              <td>{t('together')}</td>
              <td>{overall === null ? '–' : format.number(overall)}</td>
            </tr>
          </tbody>
        </table>
      ) : null}
      {book.rules.cap !== null && overall === book.rules.cap ? (
        <p className="calm">{t('capped', { cap: book.rules.cap })}</p>
      ) : null}
      {soFar.length > 0 ? <p className="so-far mt-2">{t('totalSoFar', { columns: named(soFar) })}</p> : null}
      <div className="book-acts">
        <Link className="btn" href={addressesOf(book.classId).student(student.id)} prefetch={false}>
          {t('posts')}
        </Link>
      </div>
    </>
  );
}
