'use client';

import { useFormatter, useLocale, useTranslations } from 'next-intl';
import { useMemo, useState } from 'react';
import type { BookShown } from '../../contract/gradebook/bookShown';
import { figureTyped } from '../../core/gradebook/figureTyped';
import { trackGroups } from '../../core/gradebook/tracks';
import { useNumberAmidWords, useNumberInWords } from '../basics/useNumberInWords';
import { BookFilters, NO_FILTER, type Filter } from './BookFilters';
import { BookPanel, type Looking } from './BookPanel';
import { cellAt, keyOf, type Spot, type Stop } from './cells';
import { Grid } from './Grid';
import type { Editing } from './GridRow';
import type { PostChange } from './ReasonPanel';
import { useFigures, type Change } from './useFigures';

/**
 * The gradebook of a class.
 * @param props.book as JSON text: with thousands of cells it is read much faster than as parts of a page
 */
export function GradebookPage({ book: text }: { readonly book: string }) {
  const t = useTranslations('gradebook');
  const format = useFormatter();
  const locale = useLocale();
  const inWords = useNumberInWords();
  const amidWords = useNumberAmidWords();
  const book = useMemo(() => JSON.parse(text) as BookShown, [text]);
  const [filter, setFilter] = useState<Filter>(NO_FILTER);
  const [focus, setFocus] = useState<Spot>({ row: 0, stop: 0 });
  const [anchor, setAnchor] = useState<Spot>(focus);
  const [editing, setEditing] = useState<Editing | null>(null);
  const [looking, setLooking] = useState<Looking>({ at: 'cell' });
  const [said, setSaid] = useState('');
  /** What was typed above the possible, and waits to be pressed once more. */
  const [above, setAbove] = useState('');
  const students = book.students.filter((one) => filter.group === null || one.group === filter.group);
  const groups = trackGroups(book.rules.categories, book.columns)
    .map((group) => ({
      ...group,
      tracks: group.tracks.filter(
        (track) => track.kind === 'percent' || filter.shows(book.columns[track.at]!),
      ),
    }))
    .filter(({ tracks }) => tracks.length > 1);
  const stops: readonly Stop[] = [
    ...groups
      .flatMap(({ tracks }) => tracks)
      .flatMap((track) => (track.kind === 'column' ? [{ kind: 'column' as const, at: track.at }] : [])),
    { kind: 'total' },
  ];
  const rowOf = new Map(book.students.map((student) => [student.id, student]));
  const columnAt = new Map(book.columns.map(({ id }, at) => [id, at]));
  const figures = useFigures(
    book.classId,
    ({ columnId, personId }) => rowOf.get(personId)?.cells[columnAt.get(columnId) ?? -1]?.figure ?? null,
  );
  const spot = {
    row: Math.min(focus.row, students.length - 1),
    stop: Math.min(focus.stop, stops.length - 1),
  };

  const standing = (at: Spot): number | null => {
    const found = cellAt(book, students, stops, at);
    if (!found) return null;
    const key = keyOf({ columnId: found.column.id, personId: found.student.id });
    const typed = figures.typed.get(key);
    return typed && typed.state !== 'taken' ? typed.change.figure : (found.cell.figure ?? null);
  };

  /** Puts texts into cells from a spot on: all of them or, where one is no figure, none. */
  const put = (from: Spot, block: readonly (readonly string[])[], once: boolean): boolean => {
    const own: Change[] = [];
    const posts: PostChange[] = [];
    let leftOut = 0;
    for (const [down, line] of block.entries())
      for (const [across, typed] of line.entries()) {
        const at = { row: from.row + down, stop: from.stop + across };
        const found = cellAt(book, students, stops, at);
        if (!found) {
          leftOut += 1;
          continue;
        }
        const { student, column, cell } = found;
        const read = figureTyped(typed, locale);
        if (!read.ok) {
          setSaid(t('noFigureAt', { typed, name: student.name, column: column.title }));
          return false;
        }
        const { figure } = read;
        const was = standing(at);
        if (figure === was) continue;
        if (figure !== null && figure > column.possible && !once && above !== typed) {
          setAbove(typed);
          setSaid(t('above', { figure, possible: column.possible }));
          return false;
        }
        if (column.kind === 'own') own.push({ columnId: column.id, personId: student.id, figure, was });
        else if (figure !== null && cell.postId && cell.handInId && cell.state !== 'reading')
          posts.push({
            ...{ postId: cell.postId, handInId: cell.handInId, name: student.name },
            ...{ column: column.title, before: was, figure },
          });
        else leftOut += 1;
      }
    setAbove('');
    setSaid(leftOut > 0 ? t('leftOut', { count: leftOut }) : '');
    figures.keep(own);
    if (posts.length > 0) setLooking({ at: 'reason', changes: posts });
    return true;
  };
  const edit = (next: Editing | null) => {
    const found = next && cellAt(book, students, stops, next.spot);
    if (next && !found) return;
    if (found && found.column.kind === 'post' && !(found.cell.handInId && found.cell.state !== 'reading')) {
      setSaid(t('noPostFigure', { name: found.student.name }));
      return;
    }
    setEditing(next);
  };
  const waiting = book.columns.reduce(
    (sum, column) => sum + (column.kind === 'post' ? column.waiting : 0),
    0,
  );
  const missing = book.columns.reduce((sum, column) => sum + column.missing, 0);
  const title =
    book.columns.length === 0
      ? t('empty')
      : waiting + missing === 0
        ? t('allDone')
        : t('title', {
            waiting,
            missing,
            waits: inWords(waiting),
            lacks: amidWords(missing),
          });
  return (
    <main className="book-page" id="main">
      <div className="book-main">
        <div className="book-over">
          <div>
            <h1 className="says">{title}</h1>
            <p className="under">
              {t(`rules.${book.rules.missing === 'zero' ? 'saysZero' : 'saysLeftOut'}`)}
            </p>
          </div>
          <span className="book-ways">
            <button type="button" className="act self-center" onClick={() => setLooking({ at: 'csv' })}>
              {t('readIn')}
            </button>
            {book.mayChange ? (
              <>
                <button type="button" className="btn" onClick={() => setLooking({ at: 'newColumn' })}>
                  {t('ownColumn')}
                </button>
                <button type="button" className="btn" onClick={() => setLooking({ at: 'rules' })}>
                  {t('howItCounts')}
                </button>
              </>
            ) : null}
          </span>
        </div>
        <BookFilters book={book} filter={filter} onFilter={setFilter} />
        <p className="book-said" role="status">
          {said}
        </p>
        {book.columns.length > 0 && students.length > 0 ? (
          <Grid
            book={book}
            students={students}
            groups={groups}
            stops={stops}
            figures={figures}
            focus={spot}
            anchor={anchor}
            onGo={(to, extend) => {
              setFocus(to);
              if (!extend) setAnchor(to);
              setSaid('');
              setAbove('');
              // What is being filled in beside the grid stays until it is left.
              if (looking.at === 'column') setLooking({ at: 'cell' });
            }}
            editing={editing}
            onEdit={edit}
            onType={({ spot: at, text: typed }) => put(at, [[typed]], false)}
            onEnter={() => document.querySelector<HTMLElement>('.book-panel a, .book-panel button')?.focus()}
            onClear={() => {
              const found = cellAt(book, students, stops, spot);
              if (found?.column.kind === 'own') put(spot, [['']], true);
            }}
            onPaste={(block) =>
              put(
                { row: Math.min(anchor.row, spot.row), stop: Math.min(anchor.stop, spot.stop) },
                block,
                true,
              )
            }
            onColumn={(columnId) => setLooking({ at: 'column', columnId })}
          />
        ) : (
          <p className="calm mt-6">{t(students.length === 0 ? 'nobody' : 'emptySays')}</p>
        )}
      </div>
      <BookPanel
        book={book}
        looking={looking}
        onLook={setLooking}
        groups={groups}
        figures={figures}
        found={cellAt(book, students, stops, spot)}
        student={students[spot.row] ?? null}
        figure={standing(spot)}
        onColumn={(columnId) => setLooking({ at: 'column', columnId })}
        onChange={() => {
          const figure = standing(spot);
          edit({ spot, text: figure === null ? '' : format.number(figure, { useGrouping: false }) });
        }}
      />
    </main>
  );
}
