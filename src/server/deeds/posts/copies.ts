import { RENDERER } from '../../../core/posts/revisionCopy';
import { database } from '../../ground/database/database';
import { log } from '../../ground/logging/log';
import { work } from '../../ground/work/work';
import { assignmentColumns, textsFrom } from '../../tables/columns';
import { renewFingerprints } from '../../tables/fingerprints';
import { besideOf } from '../../tables/writings';
import { upsertCopy } from '../../tables/revisionCopies';

/** So many revisions are read at once while copies are made again. */
const BATCH = 50;

/**
 * Makes the copies that are not there, or that an older renderer made. It is done before the house opens, and may be broken off and
 * begun again. What cannot be rendered is logged and left out: its readers are told that there is nothing.
 * @returns how many were made
 */
export async function renewCopies(): Promise<number> {
  let made = 0;
  let after = '';
  for (;;) {
    const stale = await database.rows<{
      readonly id: string;
      readonly postId: string;
      readonly body: string;
      readonly beside: string;
      readonly outline: string | null;
      readonly requirements: string | null;
    }>(
      `SELECT revisions.id, post_id AS postId, revisions.body, revisions.beside, outline, requirements
       FROM revisions LEFT JOIN revision_copies ON revision_id = revisions.id JOIN posts ON posts.id = post_id
         LEFT JOIN assignments ON assignments.id = assignment_id
       WHERE revisions.kind = 'handIn' AND revisions.id > :after AND (renderer IS NULL OR renderer <> :renderer)
       ORDER BY revisions.id LIMIT ${BATCH}`,
      { after, renderer: RENDERER },
    );
    for (const { id, postId, body, beside, outline, requirements } of stale) {
      const { teaser, cover } = besideOf(beside);
      const asked =
        outline === null || requirements === null
          ? null
          : { outline: textsFrom(outline), requirements: assignmentColumns.requirements(requirements) };
      const copied = await work('copyOf', { body, asked, teaser, cover }, 'the house');
      if (copied.ok) {
        await upsertCopy(database, id, copied.value);
        await renewFingerprints(database, postId);
      } else log().error({ revisionId: id, why: copied.why }, 'no copy could be made of a revision');
      made += copied.ok ? 1 : 0;
    }
    const last = stale.at(-1);
    if (!last) return made;
    after = last.id;
  }
}
