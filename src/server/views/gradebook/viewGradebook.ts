import type { BookShown, CellShown, ColumnShown } from '../../../contract/gradebook/bookShown';
import { nameOfSeries } from '../../../core/assignments/series';
import { may } from '../../../core/access/may';
import { columnsSoFar, shownState } from '../../../core/gradebook/classBook';
import type { CellState, GradebookFigures } from '../../../core/gradebook/gradebook';
import { numberShown } from '../../../core/people/drawnNumber';
import { teacherName } from '../../../core/people/names';
import { marks } from '../../../core/requirements/slats';
import { dateInWords, shortDay } from '../../../core/timing/inWords';
import { busyInstead } from '../../deeds/gradebook/busyInstead';
import { mapInTurn } from '../../ground/work/mapInTurn';
import {
  FEW_ROWS,
  figuresOfBook,
  readBook,
  type Book,
  type CellOfBook,
  type ColumnOfBook,
} from '../../deeds/gradebook/readBook';
import { dayOf } from '../../deeds/gradebook/termOfBook';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';
import type { AssignmentRow } from '../../tables/assignments';
import { listClosedTerms } from '../../tables/terms';
import { tabsOf } from './tabsOf';

/**
 * The gradebook of a class for those who teach it; null for everybody else.
 * @throws TooBusy where the figures of a large class cannot be made now
 */
export async function maybeGradebook(desk: Desk): Promise<BookShown | null> {
  const { personId, role, inClass, now } = desk;
  if (!may({ personId, role }, 'gradebook.read', {})) return null;
  const [book, closed] = await Promise.all([
    readBook(database, { personId, inClass, now }),
    listClosedTerms(database, inClass.id),
  ]);
  const figures = await figuresOfBook(book, { now, by: personId });
  const said = { book, desk };
  return {
    classId: inClass.id,
    rules: book.rules,
    columns: book.columns.map((column, at) => columnShown(column, at, figures.columns[at]!, said)),
    students: await mapInTurn(book.students, FEW_ROWS, ({ member, cells }, at) => {
      const own = figures.students[at]!;
      return {
        id: member.personId,
        name: member.shownName,
        group: member.groupInClass,
        left: member.leftAt !== null,
        cells: cells.map((cell, of) =>
          cellShown(cell, own.cells[book.columns[of]!.id]!, book.columns[of]!, said),
        ),
        overall: own.overall,
        letter: own.letter,
        categories: own.categories,
        soFar: columnsSoFar(book.columns, cells, own),
      };
    }),
    meanOverall: meanOf(figures.students.flatMap(({ overall }) => overall ?? [])),
    terms: inClass.year.terms,
    tabs: tabsOf(inClass.year.terms, new Set(closed.map(({ term }) => term))),
    mayChange: may({ personId, role }, 'gradebook.change', {}),
  };
}

/** The same, or `busy` where the figures cannot be made now. */
export const maybeGradebookInTime = (desk: Desk) => busyInstead(maybeGradebook(desk));

interface Said {
  readonly book: Book;
  readonly desk: Desk;
}

function columnShown(
  column: ColumnOfBook,
  at: number,
  { mean, median, graded, waiting, missing }: GradebookFigures['columns'][number],
  { book, desk }: Said,
): ColumnShown {
  const { place } = desk;
  const { id, kind, categoryId, possible } = column;
  const cells = book.students.map((student) => student.cells[at]!);
  const day = dayOf(column, place.timeZone);
  const hidden = kind === 'post' && column.assignment.hidesNames ? (book.hidden.get(id) ?? []) : null;
  return {
    ...(kind === 'post'
      ? {
          title: column.assignment.title,
          number: column.assignment.number,
          series: seriesOf(column.assignment, book),
        }
      : { title: column.own.title, number: null, series: null }),
    ...{ id, kind, categoryId, possible, day, mean, median, graded, waiting, missing },
    due: day && shortDay(day, place.language, { month: true }),
    notBack: cells.filter(
      ({ figure, givenBack, withheld }) => !withheld && figure !== null && figure !== givenBack,
    ).length,
    hidden:
      hidden &&
      hidden.map(({ number, cell }) => {
        const state = cell.figure === null ? 'waiting' : 'graded';
        return { number: numberShown(number), cell: cellShown(cell, state, column, { book, desk }) };
      }),
  };
}

function seriesOf({ seriesId }: AssignmentRow, { titles }: Book): ColumnShown['series'] {
  const title = seriesId === null ? undefined : titles.get(seriesId);
  return seriesId === null || title === undefined ? null : { id: seriesId, name: nameOfSeries(title) };
}

function cellShown(
  cell: CellOfBook,
  counted: CellState,
  column: ColumnOfBook,
  { book, desk: { place } }: Said,
): CellShown {
  const { figure, soFar, daysLate, givenBack, post, typed, withheld } = cell;
  const state = shownState(cell, counted);
  // What must not be told by whose it is does not lead there either.
  if (withheld) return withheld === 'reading' && post ? { state, postId: post.postId } : { state };
  const by = typed && book.people.get(typed.typedById);
  return {
    state,
    ...(figure === null ? {} : { figure }),
    ...(soFar && figure !== null ? { soFar } : {}),
    ...(daysLate > 0 ? { daysLate } : {}),
    ...(givenBack === null ? {} : { back: givenBack }),
    ...(figure === null && post && column.kind === 'post' ? slatsOf(post, column) : {}),
    ...(post?.handInId ? { postId: post.postId, handInId: post.handInId } : {}),
    ...(typed
      ? {
          typed: {
            by: by ? teacherName(by) : '',
            when: dateInWords(typed.typedAt.getTime(), place.timeZone, place.language),
          },
        }
      : {}),
  };
}

function slatsOf(
  { evidence, slats }: NonNullable<CellOfBook['post']>,
  { assignment }: ColumnOfBook & { readonly kind: 'post' },
): Pick<CellShown, 'slats'> {
  const shown = evidence ? marks(evidence.requirements, assignment.requirements) : slats;
  return shown ? { slats: shown } : {};
}

/** To a tenth. */
function meanOf(figures: readonly number[]): number | null {
  if (figures.length === 0) return null;
  return Math.round((figures.reduce((sum, one) => sum + one, 0) / figures.length) * 10) / 10;
}
