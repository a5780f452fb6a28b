import { closeTerm as deed } from '../../../contract/gradebook/closeTerm';
import { totalOfStanding } from '../../../core/gradebook/terms';
import { localDate } from '../../../core/timing/zonedTime';
import { done, refused } from '../../ground/access/useCase';
import { insertClosedTerm, listClosedTerms } from '../../tables/terms';
import { classUseCase } from '../subjects/classUseCase';
import { inTime } from './inTime';
import { readBook } from './readBook';
import { leftOf, readsSecond, standingIn, termOfBook, titleOf } from './termOfBook';

export const closeTerm = classUseCase(deed, {
  turn: true,
  async prepare(_, inClass, { database, personId, now }) {
    return inTime(readBook(database, { personId, inClass, now }));
  },
  async run({ classId, term, reason, ...seen }, inClass, { database, personId, now }, whole) {
    const span = inClass.year.terms.find(({ from }) => from === term);
    if (!span) return refused('gradebook.noTerm');
    if (localDate(now.getTime(), inClass.timeZone) < span.from) return refused('gradebook.termAhead');
    const closed = await listClosedTerms(database, classId);
    if (closed.some((one) => one.term === term)) return refused('gradebook.termClosed');
    const { book, unread, notBack } = termOfBook(whole, span, inClass.timeZone);
    const { columns, students, rules } = book;
    // Whoever reads a second time does not know what they would close.
    if (students.some(({ cells }) => readsSecond(cells))) return refused('gradebook.readsSecond');
    if (unread !== seen.unread || notBack !== seen.notBack)
      return refused('gradebook.leftOtherwise', undefined, { unread, notBack });
    const left = unread + notBack > 0;
    if (left && !reason?.trim()) return refused('gradebook.noReason', 'reason');
    const standing = standingIn(book);
    const { version: _, ...kept } = rules;
    await insertClosedTerm(
      database,
      classId,
      {
        ...{ term, lastDay: span.to, rules: kept, unread, notBack, closedById: personId, closedAt: now },
        titles: Object.fromEntries(columns.map((column) => [column.id, titleOf(column)])),
        reason: left ? (reason?.trim() ?? null) : null,
      },
      students.map(({ member, cells }) => {
        const own = standing.get(member.personId) ?? [];
        return {
          ...{ personId: member.personId, cells: own },
          ...totalOfStanding(rules, own, now),
          ...leftOf(columns, cells),
        };
      }),
    );
    return done(null);
  },
});
