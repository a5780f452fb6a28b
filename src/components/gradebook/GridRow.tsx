'use client';

import { useFormatter, useTranslations } from 'next-intl';
import type { BookShown, StudentShown } from '../../contract/gradebook/bookShown';
import { keyOf, isWithin, type Block, type Spot } from './cells';
import { CellInput } from './CellInput';
import { GridCell } from './GridCell';
import { classesOf, HEAD, ROW, WIDTHS, type GridLayout } from './gridLayout';
import type { Figures } from './useFigures';

/** What is being typed. */
export interface Editing {
  readonly spot: Spot;
  readonly text: string;
}

interface GridRowProps extends GridLayout {
  readonly book: BookShown;
  readonly row: number;
  readonly student: StudentShown;
  readonly width: number;
  readonly figures: Figures;
  readonly focus: Spot;
  /** The block that is drawn. */
  readonly block: Block;
  readonly editing: Editing | null;
  readonly percent: (percent: number | null) => string;
  readonly textAt: (spot: Spot) => string;
  readonly onGo: (to: Spot, extend: boolean) => void;
  readonly onEdit: (editing: Editing | null) => void;
  readonly onLeave: (spot: Spot) => void;
  readonly onFinish: (move: Partial<Spot> | null) => void;
}

/** A student's row: the cells that are to be seen, the per cent of each category, the total. */
export function GridRow(props: GridRowProps) {
  const { book, row, student, width, figures, focus, block, editing, percent, textAt } = props;
  const { onGo, onEdit, onLeave, onFinish, tracks, lefts, shown, stopOf, stops } = props;
  const t = useTranslations('gradebook');
  const format = useFormatter();
  const scores = new Map(student.categories.map(({ id, score }) => [id, score]));
  const totalSpot = { row, stop: stops - 1 };
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
      {shown.map((index) => {
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
              if (!isEdited) onGo(spot, shiftKey);
            }}
            onDoubleClick={() => onEdit({ spot, text: textAt(spot) })}
          >
            {isEdited ? (
              <CellInput
                label={t('typing', { name: student.name, column: column.title })}
                text={editing.text}
                onText={(text) => onEdit({ spot, text })}
                onLeave={() => onLeave(spot)}
                onFinish={onFinish}
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
        aria-colindex={stops + 1}
        data-spot={`${row}:${totalSpot.stop}`}
        tabIndex={focus.row === row && focus.stop === totalSpot.stop ? 0 : -1}
        aria-selected={isWithin(totalSpot, block)}
        aria-readonly="true"
        className={classesOf({
          'book-total': true,
          post: true,
          at: focus.row === row && focus.stop === totalSpot.stop,
        })}
        onClick={({ shiftKey }) => onGo(totalSpot, shiftKey)}
      >
        {student.soFar.length > 0 ? <small className="so-far">{t('cell.soFar')} </small> : null}
        {percent(student.overall)}
      </div>
    </div>
  );
}
