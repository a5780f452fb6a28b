import { termsOf } from '../../../core/search/indexed';
import { database } from '../../ground/database/database';
import type { JobPayloads } from '../../ground/jobs/kinds';
import { log } from '../../ground/logging/log';
import { work } from '../../ground/work/work';
import { findClass } from '../../tables/classes';
import { deleteUnshown, listUnindexed, replaceIndexed } from '../../tables/searchTexts';

/** So many posts are read at once. */
const BATCH = 20;

/**
 * Lets the posts of a class be found by the words that their readers see now, and by no others. It may be broken off and begun again;
 * a text that is too much to be read is logged and cannot be found.
 */
export async function indexClass({ classId }: JobPayloads['indexClass']): Promise<void> {
  await deleteUnshown(database, classId);
  const inClass = await findClass(database, classId);
  if (!inClass) return;
  const left = new Set<string>();
  for (;;) {
    const stale = (await listUnindexed(database, inClass, BATCH + left.size)).filter(
      ({ revisionId }) => !left.has(revisionId),
    );
    if (stale.length === 0) return;
    for (const one of stale) {
      // Whatever comes of it, it is not tried a second time in this run.
      left.add(one.revisionId);
      const text = [one.title, one.subtitle, one.plainText].join('\n');
      const read = await work('searchWords', { text, language: inClass.language }, 'the house');
      if (read.ok)
        await replaceIndexed(database, inClass, {
          ...{ postId: one.postId, revisionId: one.revisionId },
          ...{ terms: termsOf(read.value, inClass.number), parts: read.value.parts },
        });
      else log().error({ revisionId: one.revisionId }, 'a text cannot be searched');
    }
  }
}
