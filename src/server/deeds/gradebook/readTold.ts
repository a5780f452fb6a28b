import type { ToldCategory, ToldTerm } from '../../../contract/gradebook/sheetShown';
import { groupedBy } from '../../../core/groupedBy';
import { gradebook } from '../../../core/gradebook/gradebook';
import { inPointsOf, inputOfBook, type BookColumn, type KnownCell } from '../../../core/gradebook/classBook';
import type { GradebookRules } from '../../../core/gradebook/rules';
import { termOf } from '../../../core/gradebook/terms';
import { shortDay } from '../../../core/timing/inWords';
import { localDate } from '../../../core/timing/zonedTime';
import type { Database } from '../../ground/database/database';
import { listAssignments } from '../../tables/assignments';
import type { ClassRow } from '../../tables/classes';
import { findGradebook } from '../../tables/gradebooks';
import { listToldGrades } from '../../tables/gradeFigures';
import { listToldFigures } from '../../tables/ownColumns';
import { columnOfPosts, ownColumn } from './readBook';

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
  readonly personId: string;
  readonly now: Date;
  /** In which days are said. */
  readonly language: string;
}

/**
 * What a student was told in a class, by terms, with the totals of that alone: nothing that was not given back goes into any of it. With
 * so many statements whatever there is.
 */
export async function readTold(
  database: Database,
  { inClass, personId, now, language }: Asked,
): Promise<{ readonly rules: GradebookRules; readonly terms: readonly ToldTerm[] }> {
  const [rules, assignments, grades, figures] = await Promise.all([
    findGradebook(database, inClass.id),
    listAssignments(database, inClass.id, now),
    listToldGrades(database, inClass.id, personId),
    listToldFigures(database, inClass.id, personId),
  ]);
  const of = new Map(assignments.map((assignment) => [assignment.id, assignment]));
  const told = [
    ...grades.flatMap(({ assignmentId, postId, grade, changed }): readonly Told[] => {
      const assignment = of.get(assignmentId);
      if (!assignment) return [];
      return [
        {
          ...{ column: columnOfPosts(assignment), title: assignment.title, postId },
          ...{ figure: grade.grade, possible: grade.possible },
          changed: changed && { before: changed.before.grade, reason: changed.reason },
        },
      ];
    }),
    ...figures.map(({ column, figure, before, reason }): Told => ({
      ...{ column: ownColumn(column, inClass), title: column.title, postId: null },
      ...{ figure, possible: column.possible },
      changed: before === null ? null : { before, reason: reason ?? '' },
    })),
  ].toSorted((one, another) => dueIn(one) - dueIn(another) || 0);
  const dayOf = ({ column: { due } }: Told) => due && localDate(due.getTime(), inClass.timeZone);
  const { terms } = inClass.year;
  const byTerm = groupedBy(told, (one) => termOf(terms, dayOf(one) ?? '')?.from ?? '');
  const shown = (list: readonly Told[], term: string | null, name: string | null): ToldTerm => {
    const columns = list.map(({ column }) => column);
    const cells = list.map(({ column, figure, possible }) => toldCell(column, figure, possible));
    const input = inputOfBook(rules, columns, [{ id: personId, cells }], now);
    const own = gradebook(input).students[0]!;
    const shares = sharesOf(rules, own.categories);
    const at = new Map(list.map((one) => [one.column.id, one]));
    return {
      ...{ term, name, overall: own.overall, letter: own.letter },
      categories: own.categories.map(({ id, score, counted, dropped }): ToldCategory => ({
        ...{ score, share: shares.get(id) ?? null },
        title: rules.categories.find((one) => one.id === id)?.title ?? null,
        figures: columns
          .filter(({ id: columnId }) => counted.includes(columnId) || dropped.includes(columnId))
          .map((column) => {
            const { title, postId, figure, possible, changed } = at.get(column.id)!;
            const day = dayOf(at.get(column.id)!);
            return {
              ...{ id: column.id, title, postId, figure, possible, changed },
              day: day && shortDay(day, language, { month: true }),
              dropped: dropped.includes(column.id),
            };
          }),
      })),
    };
  };
  return {
    rules,
    terms: [
      ...terms.map(({ from, name }) => shown(byTerm.get(from) ?? [], from, name)).toReversed(),
      shown(byTerm.get('') ?? [], null, null),
    ].filter(({ categories }) => categories.some((one) => one.figures.length > 0)),
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
