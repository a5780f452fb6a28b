import type { Span } from '../../../core/classes/schoolYear';
import type { GradebookRules } from '../../../core/gradebook/rules';
import { totalOfYear, type Total } from '../../../core/gradebook/terms';
import type { Database } from '../../ground/database/database';
import type { MemberRow } from '../../tables/memberships';
import {
  listClosedMarks,
  listClosedTerms,
  listFinalMarks,
  listTermWeights,
  type ClosedMarkRow,
  type ClosedTermRow,
  type FinalMarkRow,
} from '../../tables/terms';
import { figuresOfBook, type Book } from './readBook';
import { leftOf, readsSecond, termOfBook, type LeftToDo, type TermOfBook } from './termOfBook';

/** What is kept of the terms of a class. */
export interface KeptTerms {
  readonly weights: ReadonlyMap<string, number>;
  readonly closed: ReadonlyMap<string, ClosedTermRow>;
  /** By term, in no order. */
  readonly marks: readonly ClosedMarkRow[];
  readonly finals: readonly FinalMarkRow[];
}

export async function readTerms(database: Database, classId: string): Promise<KeptTerms> {
  const [weights, closed, marks, finals] = await Promise.all([
    listTermWeights(database, classId),
    listClosedTerms(database, classId),
    listClosedMarks(database, classId),
    listFinalMarks(database, classId),
  ]);
  return { weights, closed: new Map(closed.map((one) => [one.term, one])), marks, finals };
}

/** The total of one student in a term or a year. */
export interface StudentTotal extends Total, LeftToDo {
  readonly member: MemberRow;
  /** Whether figures that made it are not for the eyes of who asks: then it is null. */
  readonly withheld: boolean;
}

/** The totals of a term: as they were kept where it is closed, as they are now where it is open. */
export interface TermTotals {
  /** The term as it is in the book now, closed or not. */
  readonly current: TermOfBook;
  readonly rules: GradebookRules;
  readonly students: readonly StudentTotal[];
}

interface Asked {
  readonly timeZone: string;
  readonly now: Date;
  /** For whom. */
  readonly by: string;
}

/** @throws TooBusy where figures cannot be made now */
export async function totalsOfTerm(
  whole: Book,
  kept: KeptTerms,
  span: Span,
  { timeZone, now, by }: Asked,
): Promise<TermTotals> {
  const current = termOfBook(whole, span, timeZone);
  const { book } = current;
  const secret = new Set(
    book.students.filter(({ cells }) => readsSecond(cells)).map(({ member }) => member.personId),
  );
  const closed = kept.closed.get(span.from);
  const asSeen = (total: Omit<StudentTotal, 'withheld'>): StudentTotal =>
    secret.has(total.member.personId)
      ? { ...total, overall: null, letter: null, withheld: true }
      : { ...total, withheld: false };
  if (closed) {
    const students = kept.marks
      .filter(({ term }) => term === span.from)
      .flatMap(({ personId, overall, letter, unread, notBack }) => {
        const member = whole.people.get(personId);
        return member ? [asSeen({ member, overall, letter, unread, notBack })] : [];
      });
    return { current, rules: closed.rules, students: inOrderOf(whole, students) };
  }
  const figures = await figuresOfBook(book, { now, by });
  return {
    current,
    rules: book.rules,
    students: book.students.map(({ member, cells }, at) => {
      const { overall, letter } = figures.students[at]!;
      return asSeen({ member, overall, letter, ...leftOf(book.columns, cells) });
    }),
  };
}

/** The totals of each term of a class, and of the year that they make. @throws TooBusy */
export async function totalsOfYear(
  book: Book,
  kept: KeptTerms,
  spans: readonly Span[],
  asked: Asked,
): Promise<{ readonly terms: readonly TermTotals[]; readonly students: readonly StudentTotal[] }> {
  const terms: TermTotals[] = [];
  for (const span of spans) terms.push(await totalsOfTerm(book, kept, span, asked));
  const of = terms.map(({ students }) => new Map(students.map((one) => [one.member.personId, one])));
  const everybody = new Map(
    terms.flatMap(({ students }) => students.map(({ member }) => [member.personId, member] as const)),
  );
  const weights = spans.map(({ from }) => weightOf(kept, from));
  const students = [...everybody.values()].map((member): StudentTotal => {
    const own = of.map((term) => term.get(member.personId));
    const withheld = own.some((one) => one?.withheld);
    const total = totalOfYear(
      book.rules,
      own.map((one, at) => ({ weight: weights[at]!, overall: one?.overall ?? null })),
    );
    return {
      member,
      withheld,
      ...(withheld ? { overall: null, letter: null } : total),
      unread: own.reduce((sum, one) => sum + (one?.unread ?? 0), 0),
      notBack: own.reduce((sum, one) => sum + (one?.notBack ?? 0), 0),
    };
  });
  return { terms, students: inOrderOf(book, students) };
}

/** How much a term counts in its year. */
export function weightOf({ weights }: Pick<KeptTerms, 'weights'>, term: string): number {
  return weights.get(term) ?? 1;
}

/** The marks that teachers gave in a term, or with `year` in the year, by student. */
export function finalsIn({ finals }: KeptTerms, term: string): ReadonlyMap<string, FinalMarkRow> {
  return new Map(finals.filter((one) => one.term === term).map((one) => [one.personId, one]));
}

/** In the order in which the class is listed everywhere. */
function inOrderOf(book: Book, students: readonly StudentTotal[]): readonly StudentTotal[] {
  const places = new Map([...book.people.keys()].map((personId, at) => [personId, at]));
  return students.toSorted(
    (one, another) => places.get(one.member.personId)! - places.get(another.member.personId)!,
  );
}
