import { openOrigin as deed } from '../../../contract/origin/openOrigin';
import { done } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { findOwnOpening, insertOriginOpening } from '../../tables/originOpenings';
import { postUseCase } from '../subjects/postUseCase';

/** An opening holds for so many milliseconds; then it is another one. */
const HOLDS = 30 * 60_000;

interface Opened {
  readonly postId: string;
  readonly teacherId: string;
  readonly now: Date;
}

/** Since when a teacher has it open; null where they have not. */
export async function openSince(
  database: Database,
  { postId, teacherId, now }: Opened,
): Promise<Date | null> {
  const at = await findOwnOpening(database, { postId, teacherId });
  return at && now.getTime() - at.getTime() < HOLDS ? at : null;
}

export const openOrigin = postUseCase(deed, {
  async run(_, { post: { id: postId } }, { database, personId: teacherId, now }) {
    // The post is held: pressed twice, it was opened once.
    if (!(await openSince(database, { postId, teacherId, now })))
      await insertOriginOpening(database, { postId, teacherId, at: now });
    return done(null);
  },
});
