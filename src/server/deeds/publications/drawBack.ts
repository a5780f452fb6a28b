import type { DrawnBack } from '../../../contract/publications/drawnBack';
import { audiencesUpTo, type Audience } from '../../../core/access/audience';
import type { Database } from '../../ground/database/database';
import { listPublications } from '../../tables/publications';
import { putBeforeReaders, takeFromReaders } from './putBeforeReaders';

/** The posts of a class, or of one of its writers, that more people read than `to` allows. */
async function listWider(
  database: Database,
  { classId, writerId = null }: { readonly classId: string; readonly writerId?: string | null },
  to: Audience,
) {
  const within = audiencesUpTo(to);
  return (await listPublications(database, classId, writerId)).filter(
    (one) => !within.includes(one.audience),
  );
}

/** Draws every post that goes beyond an audience back to it, at once. */
export async function drawBack(
  database: Database,
  whose: { readonly classId: string; readonly writerId?: string | null },
  { to, by, now }: { readonly to: Audience; readonly by: string; readonly now: Date },
): Promise<readonly DrawnBack[]> {
  const wider = await listWider(database, whose, to);
  for (const { postId, revisionId } of wider)
    if (to === 'writerAndTeachers') await takeFromReaders(database, postId, now);
    else await putBeforeReaders(database, { postId, revisionId, audience: to, by, now });
  return wider.map(({ postId, writerId, title }) => ({ postId, writerId, title }));
}

/** The writers of a class whose posts are read by people outside it. */
export async function listWritersBeyond(database: Database, classId: string): Promise<readonly string[]> {
  return [...new Set((await listWider(database, { classId }, 'ourClass')).map((one) => one.writerId))];
}
