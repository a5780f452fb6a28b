import { recordConsent as deed } from '../../../contract/consents/recordConsent';
import { isStudent } from '../../../core/access/may';
import { cleanName, isName } from '../../../core/people/readName';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { findMembership } from '../../tables/memberships';
import { findStudentStanding } from '../../tables/standing';
import { insertConsent } from '../../tables/consents';
import { classUseCase } from '../subjects/classUseCase';
import { renewShownOf } from '../subjects/renewShown';

export const recordConsent = classUseCase(deed, {
  async run({ classId, personIds: wanted, ...input }, _, { database, personId: by, now }) {
    const givenBy = cleanName(input.givenBy);
    if (!isName(givenBy)) return refused('consent.byWhom', 'givenBy');
    if (input.until !== null && input.until < input.givenOn) return refused('consent.endsBefore', 'until');
    for (const personId of wanted) {
      const membership = await findMembership(database, classId, personId);
      const student = await findStudentStanding(database, personId);
      if (!membership || !isStudent(membership.role) || !student) return NOT_THERE;
      // A consent counts in every class of a child: who speaks for them writes it down.
      if (student.homeClassId !== classId) return refused('roster.otherHome', 'givenBy');
      await insertConsent(database, { ...input, id: newId(), personId, givenBy, by, at: now });
      await renewShownOf(database, personId, now);
    }
    return done(null);
  },
});
