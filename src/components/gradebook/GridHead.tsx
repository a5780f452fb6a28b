'use client';

import { useTranslations } from 'next-intl';
import type { BookShown } from '../../contract/gradebook/bookShown';
import type { TrackGroup } from '../../core/gradebook/tracks';
import { WIDTHS, type GridLayout } from './gridLayout';

interface GridHeadProps extends GridLayout {
  readonly book: BookShown;
  readonly groups: readonly TrackGroup[];
  /** How many rows there are. */
  readonly students: number;
  readonly onColumn: (columnId: string) => void;
}

/** The head of the grid: categories on their posts, under each its columns. */
export function GridHead(props: GridHeadProps) {
  const { book, groups, students, onColumn, tracks, lefts, shown, stopOf, stops } = props;
  const t = useTranslations('gradebook');
  return (
    <div className="book-head" role="rowgroup">
      <div className="book-groups" role="presentation" aria-hidden="true">
        {groups.map(({ category, share, tracks: own }) => {
          const first = tracks.indexOf(own[0]!);
          return (
            <span
              key={category?.id ?? ''}
              className="post"
              style={{ left: lefts[first], width: own.reduce((sum, { kind }) => sum + WIDTHS[kind], 0) }}
            >
              <b dir="auto">{category?.title ?? t('noCategory')}</b>{' '}
              {share === null ? null : <small>{t('share', { share: share / 100 })}</small>}
            </span>
          );
        })}
        <span className="post book-total-head">
          <b>{t('total')}</b>
        </span>
      </div>
      <div className="book-columns" role="row" aria-rowindex={1}>
        <div className="book-corner" role="columnheader" aria-colindex={1}>
          {t('students', { count: students })}
        </div>
        {shown.map((index) => {
          const track = tracks[index]!;
          const column = track.kind === 'column' ? book.columns[track.at]! : null;
          return (
            <div
              key={index}
              role={column ? 'columnheader' : 'presentation'}
              aria-colindex={column ? stopOf(track) + 2 : undefined}
              className={track.kind === 'column' ? (track.first ? 'post' : '') : 'percent'}
              style={{ left: lefts[index], width: WIDTHS[track.kind] }}
            >
              {column ? (
                <button type="button" tabIndex={-1} onClick={() => onColumn(column.id)}>
                  <b dir="auto">{[column.number, column.title].filter((one) => one !== null).join(' ')}</b>
                  <small>{t('of', { possible: column.possible })}</small>
                </button>
              ) : (
                '%'
              )}
            </div>
          );
        })}
        <div className="book-total post" role="columnheader" aria-colindex={stops + 1}>
          %
        </div>
      </div>
    </div>
  );
}
