import { database } from '../../ground/database/database';
import { listClassIds } from '../../tables/classes';
import { countWords, deleteUnshown, forgetWords } from '../../tables/searchTexts';
import { indexClass } from './indexClass';

/** So many words a pass over the index goes through: the server is started with it. */
const WORDS_A_PASS = 10_000;

/**
 * Makes right what the search has by now: posts whose class changed its language, what another release indexes otherwise; and takes
 * the words of what was erased out of the index, where they stay until somebody goes through it twice.
 */
export async function tidySearch(): Promise<void> {
  for (const classId of await listClassIds(database)) await indexClass({ classId });
  await deleteUnshown(database, null);
  await forgetWords(database, 2 * (1 + Math.ceil((await countWords(database)) / WORDS_A_PASS)));
}
