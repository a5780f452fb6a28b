'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useFormatter, useTranslations } from 'next-intl';
import { useEffect, useRef, type ClipboardEvent } from 'react';
import type { BookShown, StudentShown } from '../../contract/gradebook/bookShown';
import { asBlock, blockOf } from '../../core/gradebook/figureTyped';
import type { Track, TrackGroup } from '../../core/gradebook/tracks';
import { blockBetween, cellAt, keyOf, type Spot, type Stop } from './cells';
import { GridCell } from './GridCell';
import type { Figures } from './useFigures';
import { useGridKeys } from './useGridKeys';

/** In pixels. */
const ROW = 26;
const HEAD = 80;
const FOOT = 28;
const NAME = 148;
const TOTAL = 86;
const WIDTHS = { column: 104, percent: 54 } as const;

/** What is being typed. */
export interface Editing {
  readonly spot: Spot;
  readonly text: string;
}

interface GridProps {
  readonly book: BookShown;
  readonly students: readonly StudentShown[];
  readonly groups: readonly TrackGroup[];
  readonly stops: readonly Stop[];
  readonly figures: Figures;
  readonly focus: Spot;
  /** Where the block that is drawn began. */
  readonly anchor: Spot;
  readonly onGo: (to: Spot, extend: boolean) => void;
  readonly editing: Editing | null;
  readonly onEdit: (editing: Editing | null) => void;
  /** Takes what was typed; false where it stays to be mended. */
  readonly onType: (editing: Editing) => boolean;
  readonly onEnter: (spot: Spot) => void;
  readonly onClear: () => void;
  readonly onPaste: (block: readonly (readonly string[])[]) => void;
  readonly onColumn: (columnId: string) => void;
}

/** Students by columns. However many there are, those alone stand in the page that are to be seen. */
export function Grid(props: GridProps) {
  const { book, students, groups, stops, figures, focus, anchor, onGo, editing, onEdit, onType } = props;
  const t = useTranslations('gradebook');
  const format = useFormatter();
  const scroller = useRef<HTMLDivElement>(null);
  const wanted = useRef<Spot | null>(null);
  const tracks = groups.flatMap((group) => group.tracks);
  const rows = useVirtualizer({
    count: students.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 8,
    initialRect: { width: 920, height: 600 },
  });
  const columns = useVirtualizer({
    horizontal: true,
    count: tracks.length,
    getScrollElement: () => scroller.current,
    estimateSize: (at) => WIDTHS[tracks[at]!.kind],
    overscan: 4,
    initialRect: { width: 920, height: 600 },
    scrollPaddingStart: NAME,
    scrollPaddingEnd: TOTAL,
  });
  const width = NAME + columns.getTotalSize() + TOTAL;
  const trackOf = (stop: number) => {
    const to = stops[stop];
    return to?.kind === 'column'
      ? tracks.findIndex((track) => track.kind === 'column' && track.at === to.at)
      : tracks.length - 1;
  };
  useEffect(() => {
    const to = wanted.current;
    if (!to) return;
    const cell = scroller.current?.querySelector<HTMLElement>(`[data-spot="${to.row}:${to.stop}"]`);
    if (!cell) return;
    wanted.current = null;
    cell.focus({ preventScroll: true });
  });
  const go = (to: Spot, extend: boolean) => {
    wanted.current = to;
    rows.scrollToIndex(to.row);
    if (stops[to.stop]?.kind === 'column') columns.scrollToIndex(trackOf(to.stop));
    onGo(to, extend);
  };
  const onKeyDown = useGridKeys({
    rows: students.length,
    stops: stops.length,
    page: Math.max(1, Math.floor((rows.scrollRect?.height ?? 600) / ROW) - 4),
    focus,
    go,
    begin: (text) => {
      const at = cellAt(book, students, stops, focus);
      if (!at || (text === null && at.column.kind === 'post')) props.onEnter(focus);
      else onEdit({ spot: focus, text: text ?? textAt(focus) });
    },
    clear: props.onClear,
    undo: () => void figures.undo(),
    leave: () => onGo(focus, false),
  });
  const figureAt = (spot: Spot): number | null => {
    const at = cellAt(book, students, stops, spot);
    if (!at) return students[spot.row]?.overall ?? null;
    const typed = figures.typed.get(keyOf({ columnId: at.column.id, personId: at.student.id }));
    return typed ? typed.change.figure : (at.cell.figure ?? null);
  };
  const textAt = (spot: Spot) => {
    const figure = figureAt(spot);
    return figure === null ? '' : format.number(figure, { useGrouping: false });
  };
  const decimals = { minimumFractionDigits: book.rules.rounding === 1 ? 0 : 1 };
  const block = blockBetween(anchor, focus);
  const copy = (event: ClipboardEvent) => {
    if (editing) return;
    const lines = Array.from({ length: block.bottom - block.top + 1 }, (_, row) =>
      Array.from({ length: block.right - block.left + 1 }, (_unused, stop) =>
        textAt({ row: block.top + row, stop: block.left + stop }),
      ),
    );
    event.clipboardData.setData('text/plain', asBlock(lines));
    event.preventDefault();
  };
  const paste = (event: ClipboardEvent) => {
    if (editing) return;
    event.preventDefault();
    props.onPaste(blockOf(event.clipboardData.getData('text/plain')));
  };
  const finish = (move: Partial<Spot> | null) => {
    if (!editing || !onType(editing)) return;
    onEdit(null);
    const { row, stop } = editing.spot;
    if (move)
      go(
        {
          row: Math.min(students.length - 1, row + (move.row ?? 0)),
          stop: Math.max(0, Math.min(stops.length - 1, stop + (move.stop ?? 0))),
        },
        false,
      );
  };
  const stopOf = (track: Track) =>
    track.kind === 'column' ? stops.findIndex((one) => one.kind === 'column' && one.at === track.at) : -1;
  const lefts = tracks.reduce<number[]>((all, track) => [...all, all.at(-1)! + WIDTHS[track.kind]], [NAME]);
  return (
    <div
      ref={scroller}
      className="book-grid"
      role="grid"
      aria-label={t('grid')}
      aria-rowcount={students.length + 2}
      aria-colcount={stops.length + 1}
      aria-multiselectable="true"
      onKeyDown={editing ? undefined : onKeyDown}
      onCopy={copy}
      onPaste={paste}
    >
      <div
        className="book-canvas"
        role="presentation"
        style={{ width, height: HEAD + rows.getTotalSize() + FOOT }}
      >
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
              {t('students', { count: students.length })}
            </div>
            {columns.getVirtualItems().map(({ index }) => {
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
                    <button type="button" tabIndex={-1} onClick={() => props.onColumn(column.id)}>
                      <b dir="auto">
                        {[column.number, column.title].filter((one) => one !== null).join(' ')}
                      </b>
                      <small>{t('of', { possible: column.possible })}</small>
                    </button>
                  ) : (
                    '%'
                  )}
                </div>
              );
            })}
            <div className="book-total post" role="columnheader" aria-colindex={stops.length + 1}>
              %
            </div>
          </div>
        </div>
        <div role="rowgroup">
          {rows.getVirtualItems().map(({ index: row }) => {
            const student = students[row]!;
            const scores = new Map(student.categories.map(({ id, score }) => [id, score]));
            const totalSpot = { row, stop: stops.length - 1 };
            return (
              <div
                key={student.id}
                role="row"
                aria-rowindex={row + 2}
                className={row === focus.row ? 'book-row here' : 'book-row'}
                style={{ top: HEAD + row * ROW, minWidth: width, height: ROW }}
              >
                <div className="book-name" role="rowheader" aria-colindex={1} dir="auto">
                  {student.name}
                  {student.left ? <small className="calm"> {t('left')}</small> : null}
                </div>
                {columns.getVirtualItems().map(({ index }) => {
                  const track = tracks[index]!;
                  const style = { left: lefts[index], width: WIDTHS[track.kind] };
                  if (track.kind === 'percent') {
                    const score = scores.get(track.categoryId) ?? null;
                    return (
                      <div key={index} role="presentation" className="percent" style={style}>
                        {score === null ? '–' : format.number(score)}
                      </div>
                    );
                  }
                  const spot = { row, stop: stopOf(track) };
                  const column = book.columns[track.at]!;
                  const cell = student.cells[track.at]!;
                  const typed = figures.typed.get(keyOf({ columnId: column.id, personId: student.id }));
                  const here = focus.row === row && focus.stop === spot.stop;
                  const isEdited = editing?.spot.row === row && editing.spot.stop === spot.stop;
                  const dropped = student.categories.some((one) => one.dropped.includes(column.id));
                  return (
                    <div
                      key={index}
                      role="gridcell"
                      aria-colindex={spot.stop + 2}
                      aria-selected={isWithin(spot, block)}
                      aria-readonly={column.kind === 'post'}
                      data-spot={`${row}:${spot.stop}`}
                      tabIndex={here && !isEdited ? 0 : -1}
                      className={classesOf({
                        post: track.first,
                        at: here,
                        'in-block': isWithin(spot, block) && !here,
                        read: cell.state === 'waiting' && column.kind === 'post' && cell.figure === undefined,
                        dropped,
                      })}
                      style={style}
                      onClick={({ shiftKey }) => {
                        if (!isEdited) go(spot, shiftKey);
                      }}
                      onDoubleClick={() => onEdit({ spot, text: textAt(spot) })}
                    >
                      {isEdited ? (
                        <input
                          autoFocus
                          className="book-input"
                          inputMode="decimal"
                          aria-label={t('typing', { name: student.name, column: column.title })}
                          value={editing.text}
                          onChange={({ target }) => onEdit({ spot, text: target.value })}
                          onKeyDown={(event) => {
                            const moves: Readonly<Record<string, Partial<Spot>>> = {
                              Enter: { row: event.shiftKey ? -1 : 1 },
                              Tab: { stop: event.shiftKey ? -1 : 1 },
                            };
                            if (event.key === 'Escape') {
                              onEdit(null);
                              go(spot, false);
                            } else if (Object.hasOwn(moves, event.key)) finish(moves[event.key]!);
                            else return;
                            event.preventDefault();
                            event.stopPropagation();
                          }}
                          onBlur={() => finish(null)}
                        />
                      ) : (
                        <GridCell
                          cell={cell}
                          own={column.kind === 'own'}
                          typed={typed ? { figure: typed.change.figure, state: typed.state } : null}
                        />
                      )}
                    </div>
                  );
                })}
                <div
                  role="gridcell"
                  aria-colindex={stops.length + 1}
                  data-spot={`${row}:${totalSpot.stop}`}
                  tabIndex={focus.row === row && focus.stop === totalSpot.stop ? 0 : -1}
                  aria-selected={isWithin(totalSpot, block)}
                  aria-readonly="true"
                  className={classesOf({
                    'book-total': true,
                    post: true,
                    at: focus.row === row && focus.stop === totalSpot.stop,
                  })}
                  onClick={({ shiftKey }) => go(totalSpot, shiftKey)}
                >
                  {student.soFar.length > 0 ? <small className="so-far">{t('cell.soFar')} </small> : null}
                  {student.overall === null ? '–' : format.number(student.overall, decimals)}
                </div>
              </div>
            );
          })}
        </div>
        <div className="book-foot" role="presentation">
          <span className="book-name">{t('class')}</span>
          {columns.getVirtualItems().map(({ index }) => {
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
          <span className="book-total post">
            {book.meanOverall === null ? '–' : format.number(book.meanOverall, decimals)}
          </span>
        </div>
      </div>
    </div>
  );
}

function isWithin(
  { row, stop }: Spot,
  { top, bottom, left, right }: ReturnType<typeof blockBetween>,
): boolean {
  return row >= top && row <= bottom && stop >= left && stop <= right;
}

function classesOf(classes: Readonly<Record<string, boolean>>): string {
  return Object.keys(classes)
    .filter((name) => classes[name])
    .join(' ');
}
