'use client';

import { useFormatter, useTranslations } from 'next-intl';
import type { BookShown, StudentShown } from '../../contract/gradebook/bookShown';
import type { TrackGroup } from '../../core/gradebook/tracks';
import type { CellAt } from './cells';
import { onDemand } from '../basics/onDemand';
import { ColumnForm } from './ColumnForm';
import { ColumnPanel } from './ColumnPanel';
import type { CsvPanelProps } from './CsvPanel';
import { FigurePanel } from './FigurePanel';
import { ReasonPanel, type PostChange } from './ReasonPanel';
import { RulesForm } from './RulesForm';
import { TotalPanel } from './TotalPanel';
import type { Figures } from './useFigures';

/** Reading tables needs a package that most visits do without. */
const CsvPanel = onDemand<CsvPanelProps>(async () => (await import('./CsvPanel')).CsvPanel);

/** What stands beside the grid. */
export type Looking =
  | { readonly at: 'cell' | 'rules' | 'newColumn' | 'csv' }
  | { readonly at: 'column'; readonly columnId: string }
  | { readonly at: 'reason'; readonly changes: readonly PostChange[] };

interface BookPanelProps {
  readonly book: BookShown;
  readonly looking: Looking;
  readonly onLook: (looking: Looking) => void;
  readonly groups: readonly TrackGroup[];
  readonly figures: Figures;
  /** The cell that one is in; null in a total. */
  readonly found: CellAt | null;
  readonly student: StudentShown | null;
  readonly figure: number | null;
  readonly onChange: () => void;
  readonly onColumn: (columnId: string) => void;
}

/** Beside the grid: what one is in, unfolded, or what is being changed. */
export function BookPanel(props: BookPanelProps) {
  const { book, looking, onLook, figures } = props;
  const t = useTranslations('gradebook');
  const back = () => {
    onLook({ at: 'cell' });
    focusGrid();
  };
  return (
    <aside
      className="book-panel"
      aria-label={t('beside')}
      onKeyDown={(event) => {
        if (event.key === 'Escape' && looking.at !== 'reason' && !event.defaultPrevented) back();
      }}
    >
      <Unsettled book={book} figures={figures} />
      <Shown {...props} back={back} key={keyOfLooking(looking)} />
      {looking.at === 'cell' ? <p className="book-keys">{t('keys')}</p> : null}
    </aside>
  );
}

function Shown({
  book,
  looking,
  groups,
  found,
  student,
  figure,
  onChange,
  onColumn,
  onLook,
  figures,
  back,
}: BookPanelProps & { readonly back: () => void }) {
  const t = useTranslations('gradebook');
  switch (looking.at) {
    case 'rules':
      return <RulesForm book={book} onDone={back} />;
    case 'csv':
      return (
        <CsvPanel
          book={book}
          onKeep={figures.keep}
          onPosts={(changes) => onLook({ at: 'reason', changes })}
          onDone={back}
        />
      );
    case 'newColumn':
      return <ColumnForm book={book} column={null} onDone={back} />;
    case 'reason':
      return <ReasonPanel changes={looking.changes} onDone={back} />;
    case 'column': {
      const column = book.columns.find(({ id }) => id === looking.columnId);
      return column ? <ColumnPanel book={book} column={column} onGone={back} /> : null;
    }
    case 'cell':
      if (found) return <FigurePanel {...found} {...{ figure, onChange, onColumn }} classId={book.classId} />;
      return student ? (
        <TotalPanel book={book} student={student} groups={groups} />
      ) : (
        <p className="calm">{t('besideEmpty')}</p>
      );
  }
}

/** Another column, or other figures to give a reason for, are begun anew. */
function keyOfLooking(looking: Looking): string {
  if (looking.at === 'column') return looking.columnId;
  if (looking.at === 'reason')
    return looking.changes.map(({ postId, figure }) => `${postId} ${figure}`).join();
  return looking.at;
}

/** Back to the cell that the keys are with. */
function focusGrid(): void {
  document.querySelector<HTMLElement>('.book-grid [role="gridcell"][tabindex="0"]')?.focus();
}

/** What could not be kept, and cells in which somebody else typed meanwhile. */
function Unsettled({ book, figures }: Pick<BookPanelProps, 'book' | 'figures'>) {
  const t = useTranslations('gradebook.unsettled');
  const format = useFormatter();
  const names = new Map(book.students.map(({ id, name }) => [id, name]));
  const titles = new Map(book.columns.map(({ id, title }) => [id, title]));
  return (
    <div role="alert">
      {figures.problem ? (
        <p className="problem">
          {figures.problem}{' '}
          <button type="button" className="act" onClick={figures.again}>
            {t('again')}
          </button>
        </p>
      ) : null}
      {figures.taken.map((cell) => (
        <div key={`${cell.columnId} ${cell.personId}`} className="book-taken">
          <p dir="auto">
            {t('taken', {
              by: cell.by,
              name: names.get(cell.personId) ?? '',
              column: titles.get(cell.columnId) ?? '',
              figure: cell.figure === null ? '–' : format.number(cell.figure),
            })}
          </p>
          <span className="flex gap-3">
            <button type="button" className="btn" onClick={() => figures.settle(cell, false)}>
              {t('theirs')}
            </button>
            <button type="button" className="btn" onClick={() => figures.settle(cell, true)}>
              {t('mine')}
            </button>
          </span>
        </div>
      ))}
    </div>
  );
}
