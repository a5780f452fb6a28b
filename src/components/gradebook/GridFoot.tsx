'use client';

import { useTranslations } from 'next-intl';
import type { BookShown } from '../../contract/gradebook/bookShown';
import { WIDTHS, type GridLayout } from './gridLayout';

interface GridFootProps extends GridLayout {
  readonly book: BookShown;
  readonly percent: (percent: number | null) => string;
}

/** Under the grid: how each column and all totals went. */
export function GridFoot({ book, tracks, lefts, shown, percent }: GridFootProps) {
  const t = useTranslations('gradebook');
  return (
    <div className="book-foot" role="presentation">
      <span className="book-name">{t('class')}</span>
      {shown.map((index) => {
        const track = tracks[index]!;
        const mean = track.kind === 'column' ? (book.columns[track.at]?.mean ?? null) : null;
        return (
          <span
            key={index}
            className={track.kind === 'column' && track.first ? 'post' : ''}
            style={{ left: lefts[index], width: WIDTHS[track.kind] }}
          >
            {mean === null ? '' : t('mean', { mean })}
          </span>
        );
      })}
      <span className="book-total post">{percent(book.meanOverall)}</span>
    </div>
  );
}
