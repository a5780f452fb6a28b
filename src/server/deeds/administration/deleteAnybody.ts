import { deleteAnybody as deleteAnybodyDeed } from '../../../contract/administration/deleteAnybody';
import { previewErasure as previewErasureDeed } from '../../../contract/administration/previewErasure';
import { restoreAnybody as restoreAnybodyDeed } from '../../../contract/administration/restoreAnybody';
import { searchPeople as searchPeopleDeed } from '../../../contract/administration/searchPeople';
import { done, NOT_THERE, refused, type Refusal } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { findPerson } from '../../tables/people';
import { takeInstallTurn } from '../../ground/database/turns';
import { findPeople, hasTaught } from '../../tables/install';
import { beginDeletion, countHoldings, endDeletion, lockDeleted } from '../people/deletion';
import { turnsOfPerson } from '../subjects/turnsOfPerson';
import { installUseCase } from '../subjects/installUseCase';

export const searchPeople = installUseCase(searchPeopleDeed, {
  async run({ words }, { database }) {
    if (words.trim().length < 2) return refused('account.searchTooShort', 'words');
    return done({ people: await findPeople(database, words.trim()) });
  },
});

export const previewErasure = installUseCase(previewErasureDeed, {
  async run({ personId }, { database }) {
    const problem = await problemOf(database, personId);
    return problem ?? done(await countHoldings(database, personId));
  },
});

export const deleteAnybody = installUseCase(deleteAnybodyDeed, {
  turn: turnsOfPerson,
  async run({ personId }, { database, now }) {
    await takeInstallTurn(database, 'people');
    const problem = await problemOf(database, personId);
    return problem ?? done({ eraseAt: (await beginDeletion(database, personId, now)).toISOString() });
  },
});

export const restoreAnybody = installUseCase(restoreAnybodyDeed, {
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
