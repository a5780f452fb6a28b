import type { ToldCategory, ToldTerm } from '../../../contract/gradebook/sheetShown';
import { holdsDay, type Span } from '../../../core/classes/schoolYear';
import { groupedBy } from '../../../core/groupedBy';
import { gradebook } from '../../../core/gradebook/gradebook';
import { inPointsOf, inputOfBook, type BookColumn, type KnownCell } from '../../../core/gradebook/classBook';
import type { GradebookRules } from '../../../core/gradebook/rules';
import { termOf } from '../../../core/gradebook/terms';
import { shortDay } from '../../../core/timing/inWords';
import type { Database } from '../../ground/database/database';
import { listAssignments, type AssignmentRow } from '../../tables/assignments';
import type { ClassRow } from '../../tables/classes';
import { findGradebook } from '../../tables/gradebooks';
import { listToldGrades, type ToldGradeRow } from '../../tables/gradeFigures';
import { listToldFigures, type ToldFigureRow } from '../../tables/ownColumns';
import { columnOfPosts, ownColumn } from './readBook';
import { dayOf } from './termOfBook';

/** A figure that a student was told, with its column. */
interface Told {
  readonly column: BookColumn;
  readonly title: string;
  readonly postId: string | null;
  readonly figure: number;
  readonly possible: number;
  readonly changed: { readonly before: number; readonly reason: string } | null;
}

interface Asked {
  readonly inClass: ClassRow;
  readonly personIds: readonly string[];
  readonly now: Date;
  /** In which days are said. */
  readonly language: string;
}

/** What some students were told, laid out with the totals of that alone. */
export interface ToldOfClass {
  readonly rules: GradebookRules;
  /** By terms, the latest first; what is in none stands last. */
  readonly inTerms: (personId: string) => readonly ToldTerm[];
  /** What belongs to one term or, with null, all of it. */
  readonly inSpan: (personId: string, span: Span | null) => ToldTerm;
}

/**
 * What some students were told in a class: nothing that was not given back goes into any of it. With so many statements whatever there
 * is.
 */
export async function readTold(
  database: Database,
  { inClass, personIds, now, language }: Asked,
): Promise<ToldOfClass> {
  const [rules, assignments, grades, figures] = await Promise.all([
    findGradebook(database, inClass.id),
    listAssignments(database, inClass.id, now),
    listToldGrades(database, inClass.id, personIds),
    listToldFigures(database, inClass.id, personIds),
  ]);
  const of = new Map(assignments.map((assignment) => [assignment.id, assignment]));
  const [gradesOf, figuresOf] = [
    groupedBy(grades, (one) => one.writerId),
    groupedBy(figures, (one) => one.personId),
  ];
  const told = (personId: string) =>
    [
      ...(gradesOf.get(personId) ?? []).flatMap((grade) => toldPost(grade, of.get(grade.assignmentId))),
      ...(figuresOf.get(personId) ?? []).map((figure) => toldFigure(figure, inClass)),
    ].toSorted((one, another) => dueIn(one) - dueIn(another) || 0);
  const around = { ...inClass, now, language };
  return {
    rules,
    inTerms: (personId) => inTerms(told(personId), rules, around),
    inSpan(personId, span) {
      const some = told(personId).filter(
        (one) => !span || holdsDay(span, dayOf(one.column, around.timeZone)),
      );
      return toldTerm(some, { term: span?.from ?? null, name: span?.name ?? null }, rules, around);
    },
  };
}

function toldPost(
  { postId, grade, changed }: ToldGradeRow,
  assignment: AssignmentRow | undefined,
): readonly Told[] {
  if (!assignment) return [];
  return [
    {
      ...{ column: columnOfPosts(assignment), title: assignment.title, postId },
      ...{ figure: grade.grade, possible: grade.possible },
      changed: changed && { before: changed.before.grade, reason: changed.reason },
    },
  ];
}

function toldFigure({ column, figure, before, reason }: ToldFigureRow, inClass: ClassRow): Told {
  return {
    ...{ column: ownColumn(column, inClass), title: column.title, postId: null },
    ...{ figure, possible: column.possible },
    changed: before === null ? null : { before, reason: reason ?? '' },
  };
}

type Around = Pick<ClassRow, 'timeZone' | 'year'> & Pick<Asked, 'now' | 'language'>;

/** The terms in which somebody was told something, the latest first; what is in none stands last. */
function inTerms(told: readonly Told[], rules: GradebookRules, around: Around): readonly ToldTerm[] {
  const { terms } = around.year;
  const byTerm = groupedBy(told, (one) => termOf(terms, dayOf(one.column, around.timeZone))?.from ?? '');
  return [
    ...terms
      .map(({ from, name }) => toldTerm(byTerm.get(from) ?? [], { term: from, name }, rules, around))
      .toReversed(),
    toldTerm(byTerm.get('') ?? [], { term: null, name: null }, rules, around),
  ].filter(({ categories }) => categories.some((one) => one.figures.length > 0));
}

function toldTerm(
  told: readonly Told[],
  named: Pick<ToldTerm, 'term' | 'name'>,
  rules: GradebookRules,
  around: Around,
): ToldTerm {
  const columns = told.map(({ column }) => column);
  const cells = told.map(({ column, figure, possible }) => toldCell(column, figure, possible));
  const own = gradebook(inputOfBook(rules, columns, [{ id: '', cells }], around.now)).students[0]!;
  const shares = sharesOf(rules, own.categories);
  return {
    ...{ ...named, overall: own.overall, letter: own.letter },
    categories: own.categories.map(({ id, score, counted, dropped }): ToldCategory => ({
      ...{ score, share: shares.get(id) ?? null },
      title: rules.categories.find((one) => one.id === id)?.title ?? null,
      figures: told
        .filter(({ column }) => counted.includes(column.id) || dropped.includes(column.id))
        .map((one) => {
          const { column, title, postId, figure, possible, changed } = one;
          const day = dayOf(one.column, around.timeZone);
          return {
            ...{ id: column.id, title, postId, figure, possible, changed },
            day: day && shortDay(day, around.language, { month: true }),
            dropped: dropped.includes(column.id),
          };
        }),
    })),
  };
}

function dueIn({ column: { due } }: Told): number {
  return due?.getTime() ?? Infinity;
}

function toldCell({ possible }: BookColumn, figure: number, of: number): KnownCell {
  return {
    ...{ soFar: false, handedIn: true, excused: false, outside: false, withheld: null, due: null },
    figure: inPointsOf(possible, figure, of),
  };
}

/** The share of each category that counts, by its id; none where there is but one. */
function sharesOf(
  { categories }: GradebookRules,
  made: readonly { readonly id: string | null; readonly score: number | null }[],
): ReadonlyMap<string | null, number> {
  const weights = made
    .filter(({ score }) => score !== null)
    .map(({ id }) => ({ id, weight: categories.find((one) => one.id === id)?.weight ?? 1 }))
    .filter(({ weight }) => weight > 0);
  const all = weights.reduce((sum, { weight }) => sum + weight, 0);
  return new Map(weights.length > 1 ? weights.map(({ id, weight }) => [id, weight / all]) : []);
}
