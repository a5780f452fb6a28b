import { writeComment as deed } from '../../../contract/comments/writeComment';
import { isTeacher } from '../../../core/access/may';
import { LOOKS_BACK } from '../../../core/comments/hold';
import { whyWaits, type Waiting } from '../../../core/comments/rules';
import { countryOf } from '../../../core/personal/detailsInPost';
import { countWords } from '../../../core/words/countWords';
import { findRole } from '../../ground/access/roles';
import { done, refused } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { sameSince } from '../../ground/database/sameSince';
import { newId } from '../../ground/database/newId';
import { giveBackSome, takeSome } from '../../ground/limits/takeTry';
import type { ClassRow } from '../../tables/classes';
import {
  countWaitingComments,
  findSameComment,
  insertComment,
  listEarlierComments,
} from '../../tables/comments';
import { listWritersNames } from '../../tables/memberships';
import { notifyOfComment } from '../mail/notify';
import { postUseCase } from '../subjects/postUseCase';

export const writeComment = postUseCase(deed, {
  besidePost: true,
  async run({ postId, text: typed }, { inClass }, { database, personId, now }) {
    const text = typed.trim();
    const words = countWords(text);
    if (words === 0) return refused('comment.noWords', 'text');
    // Counted before, and in the same transaction: many sent at once are as many.
    const allowed = await takeSome('comments', { subject: personId, now, many: 1 }, database);
    if (allowed === 0) return refused('comment.tooMany', 'text');
    const said = { postId, authorId: personId, text };
    const same = await findSameComment(database, { ...said, since: sameSince(now) });
    if (same) {
      await giveBackSome('comments', { subject: personId, many: 1 }, database);
      return done({ commentId: same.id, waits: same.state !== 'shown' });
    }
    const reasons = await whyItWaits(database, { ...said, inClass, now });
    const commentId = newId();
    const state = reasons.length > 0 ? 'waits' : 'shown';
    await insertComment(database, { id: commentId, ...said, words, writtenAt: now, state, reasons });
    if (state === 'waits') {
      const waiting = await countWaitingComments(database, inClass.id);
      await notifyOfComment(database, inClass, { waiting, now });
    }
    return done({ commentId, waits: state === 'waits' });
  },
});

interface Saying {
  readonly postId: string;
  readonly authorId: string;
  readonly text: string;
  readonly inClass: ClassRow;
  readonly now: Date;
}

/** Why a comment is held until somebody has read it; for nothing where it may be shown, as what teachers say is. */
async function whyItWaits(
  database: Database,
  { postId, authorId, text, inClass, now }: Saying,
): Promise<readonly Waiting[]> {
  const role = await findRole(database, inClass.id, authorId);
  if (role !== null && isTeacher(role)) return [];
  const { comments: rules, language } = inClass;
  const since = new Date(now.getTime() - LOOKS_BACK);
  return whyWaits(
    {
      ...{ text, by: authorId, at: now.getTime(), language, country: countryOf(language) },
      earlier: await listEarlierComments(database, { postId, authorId, since }),
      people: await listWritersNames(database, inClass.id),
    },
    rules,
  );
}
