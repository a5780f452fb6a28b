import { isStudent } from '../../core/access/may';
import { cleanName, isName } from '../../core/people/readName';
import {
  CONSENT_PURPOSES,
  CONSENT_RELATIONS,
  type ConsentPurpose,
  type ConsentRelation,
} from '../../core/privacy/consent';
import { done, NOT_THERE, refused } from '../access/useCase';
import { classUseCase, personIds } from '../classes/classUseCase';
import { newId } from '../database/newId';
import { findMembership } from '../people/rosterQueries';
import { findStudentStanding } from '../people/standing';
import { insertConsent } from './queries';

interface Input {
  readonly classId: string;
  readonly personIds: readonly string[];
  readonly givenBy: string;
  readonly relation: ConsentRelation;
  readonly purposes: readonly ConsentPurpose[];
  readonly givenOn: string;
  /** The last day on which it holds; null for one without an end. */
  readonly until: string | null;
}

/** Writes down a consent: who gave it, in what relation, when, for what, until when. */
export const recordConsent = classUseCase<Input, null>({
  name: 'recordConsent',
  action: 'roster.change',
  whileResting: true,
  fields: {
    personIds: { ...personIds, maxItems: 200 },
    givenBy: { type: 'string', maxLength: 200 },
    relation: { enum: CONSENT_RELATIONS },
    purposes: { type: 'array', minItems: 1, uniqueItems: true, items: { enum: CONSENT_PURPOSES } },
    givenOn: { type: 'string', format: 'date' },
    until: { type: ['string', 'null'], format: 'date' },
  },
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
    }
    return done(null);
  },
});
