import { randomInt } from 'node:crypto';
import { nameInClass } from '../../core/people/names';
import { newPasscode, type PasscodeKind } from '../../core/people/passcode';
import { whyNotTheirs } from '../../core/roster/takingIn';
import { done, NOT_THERE, refused } from '../access/useCase';
import { classUseCase, personIds } from '../classes/classUseCase';
import { forgetCounted } from '../limits/queries';
import { deleteOtherSessions } from '../sessions/queries';
import { hashPasscode } from '../sessions/secrets';
import { listRoster, updatePasscode } from './rosterQueries';

interface Input {
  readonly classId: string;
  readonly personIds: readonly string[];
}

/** A sign-in card: the only time that its passcode can be read. */
export interface Card {
  readonly personId: string;
  readonly name: string;
  readonly kind: PasscodeKind;
  readonly passcode: string;
}

const MOST_AT_ONCE = 200;

/**
 * Makes new passcodes for students of a class. What they had before stops working, every session of theirs ends,
 * and whoever was locked out by wrong tries can try again.
 */
export const makePasscodes = classUseCase<Input, { readonly cards: readonly Card[] }>({
  name: 'makePasscodes',
  action: 'roster.change',
  fields: { personIds: { ...personIds, maxItems: MOST_AT_ONCE } },
  async run({ classId, personIds: wanted }, inClass, { database, now }) {
    const roster = new Map((await listRoster(database, classId)).map((one) => [one.personId, one]));
    const cards: Card[] = [];
    for (const personId of wanted) {
      const student = roster.get(personId);
      if (!student || student.leftAt) return NOT_THERE;
      // A class must not become anybody who can do more than a student, nor a student of others.
      const problem = whyNotTheirs(student.standing, classId);
      if (problem) return refused(`roster.${problem}`, 'personIds', { name: nameInClass(student) });
      const passcode = newPasscode(inClass.passcodeKind, randomInt);
      cards.push({ personId, name: nameInClass(student), kind: inClass.passcodeKind, passcode });
    }
    const hashes = await Promise.all(cards.map(({ passcode }) => hashPasscode(passcode)));
    for (const [index, { personId, kind }] of cards.entries()) {
      await updatePasscode(database, { personId, hash: hashes[index] ?? '', kind, at: now });
      await deleteOtherSessions(database, personId, null);
      await forgetCounted(database, { name: 'passcode', subject: personId });
    }
    return done({ cards });
  },
});
