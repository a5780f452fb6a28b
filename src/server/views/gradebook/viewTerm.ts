import type {
  DifferenceShown,
  LeftShown,
  MarkShown,
  TermInYear,
  TermShown,
  TermTab,
  YearShown,
} from '../../../contract/gradebook/termShown';
import { may } from '../../../core/access/may';
import { countAlike } from '../../../core/gradebook/rules';
import {
  differencesOf,
  markOf,
  standingCells,
  takenOver,
  totalOfStanding,
  YEAR,
} from '../../../core/gradebook/terms';
import { teacherName } from '../../../core/people/names';
import { dateInWords, shortDay } from '../../../core/timing/inWords';
import { localDate } from '../../../core/timing/zonedTime';
import { columnsToCompare } from '../../deeds/gradebook/columnsToCompare';
import { readBook, type Book, type CellOfBook, type ColumnOfBook } from '../../deeds/gradebook/readBook';
import {
  finalsIn,
  readTerms,
  totalsOfTerm,
  totalsOfYear,
  weightOf,
  type KeptTerms,
  type StudentTotal,
  type TermTotals,
} from '../../deeds/gradebook/readTerms';
import { isUnread, readsSecond, titleOf, type TermOfBook } from '../../deeds/gradebook/termOfBook';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';
import { listLastSaid } from '../../tables/gradeFigures';
import { listStandingCells, type ClosedTermRow } from '../../tables/terms';
import { tabsOf } from './tabsOf';

/**
 * A term of a class, or with `year` the year that its terms make, for those who teach it; null for everybody else, and where the class
 * has no such term.
 * @throws TooBusy where the figures of a large class cannot be made now
 */
export async function maybeTerm(desk: Desk, term: string): Promise<TermShown | YearShown | null> {
  const { personId, role, inClass, now } = desk;
  const { terms } = inClass.year;
  if (!may({ personId, role }, 'gradebook.read', {})) return null;
  const span = terms.find(({ from }) => from === term);
  if (!span && (term !== YEAR || terms.length === 0)) return null;
  const [book, kept] = await Promise.all([
    readBook(database, { personId, inClass, now }),
    readTerms(database, inClass.id),
  ]);
  const asked = { timeZone: inClass.timeZone, now, by: personId };
  const tabs = tabsOf(terms, kept.closed);
  const common = {
    classId: inClass.id,
    tabs,
    weights: inYear(tabs, kept),
    mayChange: may({ personId, role }, 'gradebook.change', {}),
  };
  if (!span) {
    const year = await totalsOfYear(book, kept, terms, asked);
    const of = year.terms.map(
      ({ students }) => new Map(students.map(({ member, overall }) => [member.personId, overall])),
    );
    return {
      ...common,
      kind: 'year',
      bands: book.rules.bands,
      rounding: book.rules.rounding,
      students: marksShown({ rules: book.rules, students: year.students }, kept, YEAR),
      totals: year.students.map(({ member }) => of.map((totals) => totals.get(member.personId) ?? null)),
    };
  }
  const totals = await totalsOfTerm(book, kept, span, asked);
  const { current } = totals;
  const closed = kept.closed.get(term);
  const cells = current.book.students.flatMap((student) =>
    student.cells.map((cell, at) => ({ cell, column: current.book.columns[at]! })),
  );
  const handedIn = cells.filter(({ cell, column }) => column.kind === 'post' && cell.handedIn);
  return {
    ...common,
    kind: 'term',
    bands: totals.rules.bands,
    rounding: totals.rules.rounding,
    term,
    name: span.name,
    days: `${shortDay(span.from, desk.place.language, { month: true })} – ${shortDay(span.to, desk.place.language, { month: true })}`,
    begun: localDate(now.getTime(), inClass.timeZone) >= span.from,
    columns: current.book.columns.length,
    timeless: book.columns.filter(({ due }) => due === null).length,
    posts: handedIn.length,
    figures: cells.filter(({ cell }) => cell.figure !== null && !cell.withheld && !cell.soFar).length,
    unread: current.unread,
    notBack: current.notBack,
    left: current.leftIn.flatMap((one) => leftShown(one)),
    readsSecond: current.book.students.some((student) => readsSecond(student.cells)),
    students: marksShown(totals, kept, term, closed ? null : current.book),
    closed: closed ? await closedShown(closed, book, desk) : null,
  };
}

/** The terms with their shares of the year. */
function inYear(tabs: readonly TermTab[], kept: KeptTerms): readonly TermInYear[] {
  const weights = tabs.map(({ term }) => weightOf(kept, term));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return tabs.map((tab, at) => ({
    ...tab,
    weight: weights[at]!,
    share: all > 0 ? weights[at]! / all : null,
  }));
}

function marksShown(
  { rules, students }: Pick<TermTotals, 'rules' | 'students'>,
  kept: KeptTerms,
  term: string,
  open: Book | null = null,
): readonly MarkShown[] {
  const finals = finalsIn(kept, term);
  const cells = new Map(open?.students.map((student) => [student.member.personId, student.cells]));
  return students.map((total: StudentTotal) => {
    const { member, overall, withheld, unread, notBack } = total;
    const given = finals.get(member.personId);
    return {
      ...{ personId: member.personId, name: member.shownName, left: member.leftAt !== null },
      ...{ overall, withheld, unread, notBack },
      computed: markOf(total, rules),
      firstUnread: open ? firstUnread(open.columns, cells.get(member.personId) ?? []) : null,
      given: given && !withheld ? { mark: given.mark, reason: given.reason } : null,
    };
  });
}

function firstUnread(columns: readonly ColumnOfBook[], cells: readonly CellOfBook[]): string | null {
  const first = cells.find((cell, at) => isUnread(columns[at]!, cell));
  return first?.post?.postId ?? null;
}

function leftShown({
  column,
  unread,
  unreadOf,
  notBack,
}: TermOfBook['leftIn'][number]): readonly LeftShown[] {
  if (unread + notBack === 0) return [];
  return [
    {
      ...{ columnId: column.id, title: titleOf(column), unread, notBack },
      assignmentId: column.kind === 'post' ? column.id : null,
      unreadOf: unreadOf.map(({ shownName }) => shownName),
    },
  ];
}

/** Who closed a term, and what became another figure since. */
async function closedShown(
  closed: ClosedTermRow,
  book: Book,
  { inClass, personId, place }: Desk,
): Promise<NonNullable<TermShown['closed']>> {
  const standing = await listStandingCells(database, inClass.id, closed.term);
  const { columns, cellsOf } = columnsToCompare(book, closed, inClass.timeZone);
  const found = [...book.people.values()].flatMap((member) => {
    const before = standing.get(member.personId);
    const cells = cellsOf(member.personId);
    if (!before || !cells) return [];
    const now = standingCells(columns, cells);
    return differencesOf(before, columns, cells).map((difference) => {
      const at = columns.findIndex(({ id }) => id === difference.columnId);
      const then = takenOver(before, now, [difference.columnId]);
      const total = totalOfStanding(closed.rules, then, closed.closedAt);
      return { difference, member, total, cell: cells[at] ?? null, column: columns[at] ?? null };
    });
  });
  const posts = found.flatMap(({ cell }) => cell?.post?.postId ?? []);
  const lastSaid = posts.length > 0 ? await listLastSaid(database, posts) : new Map<string, never>();
  const when = (at: Date) => dateInWords(at.getTime(), place.timeZone, place.language);
  const named = (id: string) => {
    const by = book.people.get(id);
    return by ? teacherName(by) : '';
  };
  return {
    when: when(closed.closedAt),
    by: named(closed.closedById),
    reason: closed.reason,
    otherRules: !countAlike(closed.rules, book.rules),
    differences: found.map(({ difference, member, total, cell, column }): DifferenceShown => {
      const said = cell?.typed
        ? { by: cell.typed.typedById, at: cell.typed.typedAt, reason: null }
        : cell?.post && lastSaid.get(cell.post.postId);
      return {
        ...difference,
        ...{ personId: member.personId, name: member.shownName },
        title: column ? titleOf(column) : (closed.titles[difference.columnId] ?? ''),
        total: { overall: total.overall, mark: markOf(total, closed.rules) },
        said:
          said && said.at > closed.closedAt
            ? { by: named(said.by), self: said.by === personId, when: when(said.at), reason: said.reason }
            : null,
      };
    }),
  };
}
