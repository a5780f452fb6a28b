import { expect } from 'vitest';
import { renewShown } from '../../src/server/deeds/subjects/renewShown';
import { database } from '../../src/server/ground/database/database';
import { NOW } from './house';

/** Holds that what readers see of every class stands as publications, consents, worries and labels make it: nothing is left to renew. */
export async function expectShownAsItIs(): Promise<void> {
  for (const { id } of await database.rows<{ readonly id: string }>('SELECT id FROM classes'))
    expect([id, await renewShown(database, { classId: id, postIds: null }, NOW)]).toEqual([id, 0]);
}
