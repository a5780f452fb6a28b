import { changeLastDay as deed } from '../../../contract/people/changeLastDay';
import { endOfLastDay, lastDayOf } from '../../../core/classes/lastDay';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { findMembership, setMembership } from '../../tables/memberships';
import { classUseCase } from '../subjects/classUseCase';

export const changeLastDay = classUseCase(deed, {
  turn: true,
  async run({ classId, personId, lastDay }, { timeZone }, { database, now }) {
    const membership = await findMembership(database, classId, personId);
    // Who has left already is asked again by mail.
    if (!membership || membership.leftAt || membership.role !== 'supplyTeacher') return NOT_THERE;
    const end = endOfLastDay(lastDay, now, timeZone);
    if (!end.ok) return refused(`roster.lastDay.${end.problem}`, 'lastDay');
    await setMembership(database, { classId, personId, role: membership.role, until: end.until, at: now });
    return done(null, { before: lastDayOf(membership.until ?? now, timeZone), after: lastDay });
  },
});
