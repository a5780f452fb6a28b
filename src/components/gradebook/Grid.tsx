'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useFormatter, useTranslations } from 'next-intl';
import { useEffect, useRef, type ClipboardEvent } from 'react';
import type { BookShown, StudentShown } from '../../contract/gradebook/bookShown';
import { asBlock, blockOf } from '../../core/gradebook/figureTyped';
import type { TrackGroup } from '../../core/gradebook/tracks';
import { blockBetween, cellAt, keyOf, type Spot, type Stop } from './cells';
import { GridFoot } from './GridFoot';
import { GridHead } from './GridHead';
import { FOOT, HEAD, leftsOf, NAME, ROW, TOTAL, WIDTHS, type GridLayout } from './gridLayout';
import { GridRow, type Editing } from './GridRow';
import type { Figures } from './useFigures';
import { usePercent } from './usePercent';
import { useGridKeys } from './useGridKeys';

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
    scrollMargin: HEAD,
    scrollPaddingStart: HEAD,
    scrollPaddingEnd: FOOT,
    initialRect: { width: 920, height: 600 },
  });
  const columns = useVirtualizer({
    horizontal: true,
    count: tracks.length,
    getScrollElement: () => scroller.current,
    estimateSize: (at) => WIDTHS[tracks[at]!.kind],
    overscan: 4,
    scrollMargin: NAME,
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
    undo: figures.undo,
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
  const percent = usePercent(book.rules.rounding);
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
  const layout: GridLayout = {
    tracks,
    lefts: leftsOf(tracks),
    shown: columns.getVirtualItems().map(({ index }) => index),
    stopOf: (track) =>
      track.kind === 'column' ? stops.findIndex((one) => one.kind === 'column' && one.at === track.at) : -1,
    stops: stops.length,
  };
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
        <GridHead
          {...layout}
          book={book}
          groups={groups}
          students={students.length}
          onColumn={props.onColumn}
        />
        <div role="rowgroup">
          {rows.getVirtualItems().map(({ index: row }) => (
            <GridRow
              key={students[row]!.id}
              {...layout}
              {...{ book, row, width, figures, focus, block, editing, percent, textAt, onEdit }}
              student={students[row]!}
              onGo={go}
              onLeave={(spot) => {
                onEdit(null);
                go(spot, false);
              }}
              onFinish={finish}
            />
          ))}
        </div>
        <GridFoot {...layout} book={book} percent={percent} />
      </div>
    </div>
  );
}
