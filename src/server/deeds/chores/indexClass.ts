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
  let after = '';
  for (;;) {
    const stale = await listUnindexed(database, inClass, { after, most: BATCH });
    for (const { postId, revisionId, title, text } of stale) {
      const said = { text: `${title}\n${text}`, language: inClass.language };
      const read = await work('searchWords', said, 'the house');
      if (read.ok) {
        const terms = termsOf(read.value, inClass.number);
        await replaceIndexed(database, inClass, { postId, revisionId, terms, parts: read.value.parts });
      } else log().error({ revisionId, why: read.why }, 'a text cannot be searched');
    }
    const last = stale.at(-1);
    if (!last) return;
    after = last.postId;
  }
}
