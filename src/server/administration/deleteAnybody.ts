import { idSchema } from '../input/idSchema';
import type { PersonHoldings } from '../../core/privacy/holdings';
import { done, NOT_THERE, refused, type Refusal } from '../access/useCase';
import type { Database } from '../database/database';
import { beginDeletion, countHoldings, endDeletion, lockDeleted } from '../people/deletion';
import { findPerson } from '../people/queries';
import { takeInstallTurn } from '../database/turns';
import { turnsOfPerson } from '../people/turnsOfPerson';
import { installUseCase } from './installUseCase';
import { findPeople, hasTaught, type PersonFound } from './queries';

interface Input {
  readonly personId: string;
}

const fields = { personId: idSchema };

/** Finds people of the install by a part of their name or e-mail address, those that are deleted too. */
export const searchPeople = installUseCase<
  { readonly words: string },
  { readonly people: readonly PersonFound[] }
>({
  name: 'searchPeople',
  looksOnly: true,
  fields: { words: { type: 'string', maxLength: 120 } },
  async run({ words }, { database }) {
    if (words.trim().length < 2) return refused('account.searchTooShort', 'words');
    return done({ people: await findPeople(database, words.trim()) });
  },
});

/** Says what there is of a person and would go, before anything is done. */
export const previewErasure = installUseCase<Input, PersonHoldings>({
  name: 'previewErasure',
  looksOnly: true,
  fields,
  async run({ personId }, { database }) {
    const problem = await problemOf(database, personId);
    return problem ?? done(await countHoldings(database, personId));
  },
});

/**
 * Deletes anybody who does not teach: a student of several teachers' classes, one with an account of their own, a reader.
 * As with every person: hidden at once, brought back within a month if wanted, then gone for good.
 */
export const deleteAnybody = installUseCase<Input, { readonly eraseAt: string }>({
  name: 'deleteAnybody',
  fields,
  turn: turnsOfPerson,
  async run({ personId }, { database, now }) {
    await takeInstallTurn(database, 'people');
    const problem = await problemOf(database, personId);
    return problem ?? done({ eraseAt: (await beginDeletion(database, personId, now)).toISOString() });
  },
});

/** Brings back anybody who was deleted, while that is still possible. */
export const restoreAnybody = installUseCase<Input, null>({
  name: 'restoreAnybody',
  fields,
  turn: turnsOfPerson,
  async run({ personId }, { database, personId: by, now }) {
    await takeInstallTurn(database, 'people');
    return endDeletion(database, personId, { by, now });
  },
});

async function problemOf(database: Database, personId: string): Promise<Refusal | null> {
  const person = await findPerson(database, personId);
  if (!person || (await lockDeleted(database, personId))) return NOT_THERE;
  // Their notes and grades belong to their students.
  return person.account || (await hasTaught(database, personId)) ? refused('account.teaches') : null;
}
