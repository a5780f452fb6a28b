import { isStudent } from '../../../core/access/may';
import { rubricPoints } from '../../../core/assignments/rubric';
import { inPointsOf, inputOfBook, type BookColumn, type KnownCell } from '../../../core/gradebook/classBook';
import type { GradebookFigures } from '../../../core/gradebook/gradebook';
import type { GradebookRules } from '../../../core/gradebook/rules';
import { groupedBy } from '../../../core/groupedBy';
import type { Requirement } from '../../../core/requirements/requirement';
import { instantOf } from '../../../core/timing/zonedTime';
import type { GradeInBook } from '../../../workers/tasks/gradesOf';
import type { Database } from '../../ground/database/database';
import { adjusterFor } from '../../tables/adjustments';
import { listAssignments, type AssignmentRow } from '../../tables/assignments';
import type { ClassRow } from '../../tables/classes';
import { findGradebook, type GradebookRow } from '../../tables/gradebooks';
import { hiddenOfClass } from '../../tables/hiddenNames';
import { listEverMembers, type MemberRow } from '../../tables/memberships';
import {
  listOwnColumns,
  listOwnFigures,
  type OwnColumnRow,
  type OwnFigureRow,
} from '../../tables/ownColumns';
import { listPostStates, type PostStateRow } from '../../tables/postStates';
import { listOwnToRead, listReadTwice } from '../../tables/secondReadings';
import { saidOf } from '../grades/figuresOf';
import { figuresOfInput, gradesInColumn } from './gradesInBook';
import { mapInTurn } from '../../ground/work/mapInTurn';

/** So many students are laid out at once, whatever columns there are. */
export const FEW_ROWS = 20;

/** A column with what stands behind it. */
export type ColumnOfBook =
  ColumnOfPosts | (BookColumn & { readonly kind: 'own'; readonly own: OwnColumnRow });

type ColumnOfPosts = BookColumn & { readonly kind: 'post'; readonly assignment: AssignmentRow };

/** A cell with what stands behind it. */
export interface CellOfBook extends KnownCell {
  readonly post: PostStateRow | null;
  readonly daysLate: number;
  /** As it was given back last; null where it was not. */
  readonly givenBack: number | null;
  /** What was typed in, of an own column. */
  readonly typed: OwnFigureRow | null;
}

/** All that a teacher may know of the figures of a class. */
export interface Book {
  readonly rules: GradebookRow;
  readonly columns: readonly ColumnOfBook[];
  /** Who is in the class, and who left it but has something there; their cells stand as the columns do. */
  readonly students: readonly { readonly member: MemberRow; readonly cells: readonly CellOfBook[] }[];
  /** The titles of all assignments by id, of those too that nobody sees but their repetitions. */
  readonly titles: ReadonlyMap<string, string>;
  /** Everybody who is or was in the class, by id. */
  readonly people: ReadonlyMap<string, MemberRow>;
  /** By assignment: what was given to posts whose writers' names are hidden, each with the number that stands for its writer. */
  readonly hidden: ReadonlyMap<string, readonly { readonly number: number; readonly cell: CellOfBook }[]>;
}

/** Whose eyes it is read for. */
interface Reader {
  readonly personId: string;
  readonly inClass: ClassRow;
  readonly now: Date;
}

/**
 * Reads a class's gradebook for one of its teachers, with so many statements whatever stands in it. Names that are hidden from them,
 * and first figures of what they read a second time, are withheld here, once for every page and file.
 * @throws TooBusy where the grades of a large class cannot be made now
 */
export async function readBook(database: Database, { personId, inClass, now }: Reader): Promise<Book> {
  const classId = inClass.id;
  const [rules, assignments, own, typed, everybody, states, adjust, readTwice, ownToRead] = await Promise.all(
    [
      findGradebook(database, classId),
      listAssignments(database, classId, now),
      listOwnColumns(database, classId),
      listOwnFigures(database, classId),
      listEverMembers(database, classId),
      listPostStates(database, { classId }),
      adjusterFor(database, inClass),
      listReadTwice(database, classId),
      listOwnToRead(database, { classId, readerId: personId }),
    ],
  );
  // What repeats itself is seen by nobody; its repetitions are.
  const set = assignments.filter((one) => one.setAt !== null && one.series === null);
  const [said, numbers] = await Promise.all([
    saidOf(database, { classId }, { inClass, assignments: set, whose: 'first' }),
    hiddenOfClass(database, classId, { assignments: set, teacherId: personId }),
  ]);
  const columns = [...set.map(columnOfPosts), ...own.map((column) => ownColumn(column, inClass))].toSorted(
    byDue,
  );
  const posts = groupedBy(states, ({ assignmentId }) => assignmentId ?? '');
  const of = (assignment: AssignmentRow) => posts.get(assignment.id) ?? [];
  const given = new Map<string, Given>();
  for (const assignment of set) {
    const handedIn = of(assignment).flatMap((post) => {
      const { input, givenBack, levels } = said(post, adjust(assignment, post.writerId));
      return input ? [{ postId: post.postId, input, givenBack, judged: levels.length > 0 }] : [];
    });
    const grades = await gradesInColumn(
      handedIn.map(({ input }) => input),
      personId,
    );
    for (const [at, { postId, givenBack, judged }] of handedIn.entries())
      given.set(postId, { givenBack, judged, grade: grades[at]! });
  }
  const cellOf = (column: ColumnOfPosts, post: PostStateRow | null, person: string, isOutside = false) => {
    const postId = post?.postId ?? '';
    const { dueAt, excused } = adjust(column.assignment, person);
    return cellOfPost({
      dueAt,
      possible: column.possible,
      post,
      given: given.get(postId),
      excused,
      twice: readTwice.has(postId),
      outside: isOutside,
      withheld: ownToRead.has(postId) ? 'reading' : null,
    });
  };
  const people = new Map(everybody.map((member) => [member.personId, member]));
  const byWriter = new Map(states.map((post) => [`${post.assignmentId} ${post.writerId}`, post]));
  const figures = new Map(typed.map((figure) => [`${figure.columnId} ${figure.personId}`, figure]));
  const wrote = new Set(states.map(({ writerId }) => writerId));
  const shown = everybody.filter(
    ({ role, leftAt, personId: id }) => isStudent(role) && (leftAt === null || wrote.has(id)),
  );
  const students = await mapInTurn(shown, FEW_ROWS, (member) => ({
    member,
    cells: columns.map((column): CellOfBook => {
      const key = `${column.id} ${member.personId}`;
      const outside = wasOutside(column, member);
      if (column.kind === 'own') return cellTyped(figures.get(key) ?? null, outside);
      const post = byWriter.get(key) ?? null;
      const cell = cellOf(column, post, member.personId, outside);
      return post && numbers.has(post.postId) ? { ...cell, withheld: 'hidden' } : cell;
    }),
  }));
  const hidden = new Map(
    columns.flatMap((column) => {
      if (column.kind === 'own' || !column.assignment.hidesNames) return [];
      const cells = of(column.assignment).flatMap((post) => {
        const number = numbers.get(post.postId);
        if (number === undefined) return [];
        return [{ number, cell: cellOf(column, post, post.writerId) }];
      });
      // Where it stands says nothing of the names.
      return [[column.id, cells.toSorted((one, another) => one.number - another.number)] as const];
    }),
  );
  const titles = new Map(assignments.map(({ id, title }) => [id, title]));
  return { rules, columns, students, people, hidden, titles };
}

/**
 * The figures of a book, by its own rules and places of columns or by others.
 * @param by for whom
 * @throws TooBusy where these cannot be made now
 */
export function figuresOfBook(
  { students, ...book }: Book,
  { now, by }: { readonly now: Date; readonly by: string },
  { rules, columns }: { readonly rules: GradebookRules; readonly columns: Book['columns'] } = book,
): Promise<GradebookFigures> {
  const rows = students.map(({ member, cells }) => ({ id: member.personId, cells }));
  return figuresOfInput(inputOfBook(rules, columns, rows, now), by);
}

interface Given {
  readonly grade: GradeInBook;
  readonly givenBack: number | null;
  readonly judged: boolean;
}

/** The column of an assignment, worth what it asks of all. */
export function columnOfPosts(assignment: AssignmentRow): ColumnOfPosts {
  const { id, categoryId, dueAt, requirements, rubric } = assignment;
  return {
    ...{ kind: 'post', assignment, id, categoryId, due: dueAt },
    possible: pointsOf(requirements) + rubricPoints(rubric),
  };
}

/** The most that what is asked for can earn, without a bonus. */
function pointsOf(requirements: readonly Requirement[]): number {
  return requirements
    .filter(({ weight }) => weight === 'required')
    .reduce((sum, { points }) => sum + (points ?? 0), 0);
}

/** A column that no post stands behind; it is of the end of its day. */
export function ownColumn(own: OwnColumnRow, { timeZone }: ClassRow): ColumnOfBook {
  const { id, categoryId, possible, day } = own;
  const due = day === null ? null : new Date(instantOf(`${day}T23:59`, timeZone));
  return { kind: 'own', own, id, categoryId, possible, due };
}

/** The earliest first; what has no time stands last. */
function byDue(one: BookColumn, another: BookColumn): number {
  return (one.due?.getTime() ?? Infinity) - (another.due?.getTime() ?? Infinity) || 0;
}

/** Whether somebody was not in the class when a column was due. */
function wasOutside({ due }: BookColumn, { joinedAt, leftAt }: MemberRow): boolean {
  if (!due) return leftAt !== null;
  return due < joinedAt || (leftAt !== null && due > leftAt);
}

const EMPTY = {
  soFar: false,
  handedIn: false,
  excused: false,
  outside: false,
  withheld: null,
  due: null,
} as const;

/** What a teacher types in is never missing: nobody hands it in. */
function cellTyped(typed: OwnFigureRow | null, outside: boolean): CellOfBook {
  const figure = typed?.figure ?? null;
  return {
    ...EMPTY,
    figure,
    outside: outside && figure === null,
    handedIn: true,
    post: null,
    daysLate: 0,
    givenBack: typed?.back ?? null,
    typed,
  };
}

/** Written out in one piece: there may be twelve thousand of them. */
function cellOfPost({
  dueAt,
  possible,
  post,
  given,
  excused,
  twice,
  outside,
  withheld,
}: PostInCell): CellOfBook {
  return {
    // What nobody has judged yet has no figure; what is judged in part has one so far.
    figure:
      !given || (given.grade.provisional && !given.judged)
        ? null
        : inPointsOf(possible, given.grade.grade, given.grade.possible),
    soFar: given !== undefined && (given.grade.provisional || twice),
    handedIn: given !== undefined,
    excused: excused && !given,
    outside: outside && post === null,
    withheld,
    due: dueAt,
    post,
    daysLate: given?.grade.daysLate ?? 0,
    givenBack:
      given && given.givenBack !== null ? inPointsOf(possible, given.givenBack, given.grade.possible) : null,
    typed: null,
  };
}

interface PostInCell {
  /** As it is for this student. */
  readonly dueAt: Date | null;
  /** What the column is worth for all. */
  readonly possible: number;
  readonly post: PostStateRow | null;
  readonly given: Given | undefined;
  readonly excused: boolean;
  /** Whether it is read a second time and that is not done. */
  readonly twice: boolean;
  readonly outside: boolean;
  readonly withheld: KnownCell['withheld'];
}
