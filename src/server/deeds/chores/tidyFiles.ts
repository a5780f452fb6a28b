import { database } from '../../ground/database/database';
import { SHELVES } from '../../ground/storage/shelves';

/** How old a file is that no row names before it counts as litter: by then whatever stored it is long over. */
const DAY = 24 * 60 * 60 * 1000;

/**
 * Deletes files that no row names: a file is in place before its row, so one stays behind where that was cut off between
 * the two, and where what erased a row was cut off before its file.
 */
export async function tidyFiles(): Promise<void> {
  // The day by which files were stored, not that of the job, which may have waited.
  const before = new Date(Date.now() - DAY);
  for (const shelf of Object.values(SHELVES)) await shelf.tidy(database, before);
}
