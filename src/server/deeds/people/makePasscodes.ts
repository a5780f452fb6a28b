import { randomInt } from 'node:crypto';
import { makePasscodes as deed, type Card } from '../../../contract/people/makePasscodes';
import { newPasscode } from '../../../core/people/passcode';
import { whyNotTheirs } from '../../../core/roster/takingIn';
import { done, NOT_THERE, refused, type Refusal } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { forgetCounted } from '../../ground/limits/queries';
import { deleteOtherSessions } from '../../tables/sessions';
import { hashPasscode } from '../../ground/secrets/secrets';
import { listRoster, updatePasscode, type RosterRow } from '../../tables/roster';
import { classUseCase } from '../subjects/classUseCase';

export const makePasscodes = classUseCase(deed, {
  // Hashing two hundred takes seconds, which nobody else waits for.
  prepare: async ({ classId, personIds: wanted }, { passcodeKind }, { database, personId: by }) => {
    const problem = await problemOf(database, classId, wanted);
    if (problem) return problem;
    const passcodes = wanted.map(() => newPasscode(passcodeKind, randomInt));
    const hashes = await Promise.all(passcodes.map((passcode) => hashPasscode(passcode, by)));
    return done(
      passcodes.map((passcode, index) => ({ passcode, kind: passcodeKind, hash: hashes[index] ?? '' })),
    );
  },
  async run({ classId, personIds: wanted }, _, { database, now }, made) {
    const problem = await problemOf(database, classId, wanted);
    if (problem) return problem;
    const roster = await rosterOf(database, classId);
    const cards: Card[] = [];
    for (const [index, personId] of wanted.entries()) {
      const [student, one] = [roster.get(personId), made[index]];
      if (!student || !one) return NOT_THERE;
      const { hash, kind, passcode } = one;
      await updatePasscode(database, { personId, hash, kind, at: now });
      await deleteOtherSessions(database, personId, null);
      await forgetCounted(database, { name: 'passcode', subject: personId });
      cards.push({ personId, name: student.shownName, kind, passcode });
    }
    return done({ cards });
  },
});

/** A class must not become anybody who can do more than a student, nor a student of others. */
async function problemOf(
  database: Database,
  classId: string,
  wanted: readonly string[],
): Promise<Refusal | null> {
  const roster = await rosterOf(database, classId);
  for (const personId of wanted) {
    const student = roster.get(personId);
    if (!student || student.leftAt) return NOT_THERE;
    const problem = whyNotTheirs(student.standing, classId);
    if (problem) return refused(`roster.${problem}`, 'personIds', { name: student.shownName });
  }
  return null;
}

async function rosterOf(database: Database, classId: string): Promise<ReadonlyMap<string, RosterRow>> {
  return new Map((await listRoster(database, classId)).map((one) => [one.personId, one]));
}
