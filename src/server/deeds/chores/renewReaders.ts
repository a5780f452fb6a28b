import { database, inTransaction } from '../../ground/database/database';
import { takeTurns } from '../../ground/database/turns';
import { listClassIds } from '../../tables/classes';
import { renewShown } from '../subjects/renewShown';

/**
 * Works out anew what readers of each class see: on a new day a consent may begin that follows one that ended before, or somebody
 * be gone for good who was in a picture.
 */
export async function renewReaders(_: unknown, __: string, now: Date): Promise<void> {
  for (const classId of await listClassIds(database))
    await inTransaction(async (transaction) => {
      await takeTurns(transaction, [classId]);
      await renewShown(transaction, { classId, postIds: null }, now);
    });
}
