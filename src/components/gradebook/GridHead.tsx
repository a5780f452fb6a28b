'use client';

import { useTranslations } from 'next-intl';
import type { BookShown } from '../../contract/gradebook/bookShown';
import { seriesRuns, type Track, type TrackGroup } from '../../core/gradebook/tracks';
import { classesOf, WIDTHS, type GridLayout } from './gridLayout';

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
  const runs = seriesRuns(tracks, book.columns);
  const seriesOf = (track: Track) => (track.kind === 'column' ? book.columns[track.at]!.series : null);
  const isFirst = (track: Track) => track.kind === 'column' && track.first;
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
        {runs.map(({ from, count }) => (
          <span
            key={from}
            className={classesOf({ 'book-series': true, post: isFirst(tracks[from]!) })}
            aria-hidden="true"
            style={{ left: lefts[from], width: count * WIDTHS.column }}
            dir="auto"
          >
            {seriesOf(tracks[from]!)?.name}
          </span>
        ))}
        <div className="book-corner" role="columnheader" aria-colindex={1}>
          {t('students', { count: students })}
        </div>
        {shown.map((index) => {
          const track = tracks[index]!;
          const column = track.kind === 'column' ? book.columns[track.at]! : null;
          const inSeries = runs.some(({ from, count }) => index >= from && index < from + count);
          return (
            <div
              key={index}
              role={column ? 'columnheader' : 'presentation'}
              aria-colindex={column ? stopOf(track) + 2 : undefined}
              className={classesOf({ post: isFirst(track), percent: !column })}
              style={{ left: lefts[index], width: WIDTHS[track.kind] }}
            >
              {column ? (
                <button
                  type="button"
                  tabIndex={-1}
                  className={inSeries ? 'of-series' : ''}
                  onClick={() => onColumn(column.id)}
                >
                  <b dir="auto">
                    {inSeries && column.due !== null ? (
                      <>
                        <span className="sr-only">{[column.number, column.title].join(' ')} </span>
                        {column.due}
                      </>
                    ) : (
                      [column.number, column.title].filter((one) => one !== null).join(' ')
                    )}
                  </b>
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
