import { idSchema } from '../input/idSchema';
import { openingState } from '../../core/privacy/opening';
import { done, refused, type UseCase } from '../access/useCase';
import { newId } from '../database/newId';
import { sendMail } from '../mail/sendMail';
import { findPostToActOn, type PostFacts } from '../posts/findPostToActOn';
import { turnOfPost } from '../posts/turnOfPost';
import { getSettings } from '../settings/settings';
import { insertOpening, listAdministratorsToAsk, listOpeningsOf } from './queries';

interface Input {
  readonly postId: string;
  /** What the teacher fears. */
  readonly reason: string;
  /** Why telling the writer would do harm; empty where the writer is to be told. */
  readonly harm: string;
}

/**
 * Asks to open a draft for a safety concern. Nothing is opened by it: an administrator has to agree. Every administrator
 * gets a mail that says that somebody asked, and nothing of whom it is about.
 */
export const askToOpenDraft: UseCase<Input, PostFacts, { readonly openingId: string }> = {
  name: 'askToOpenDraft',
  action: 'draft.askToOpen',
  whileResting: true,
  input: {
    type: 'object',
    required: ['postId', 'reason', 'harm'],
    additionalProperties: false,
    properties: {
      postId: idSchema,
      reason: { type: 'string', maxLength: 2000 },
      harm: { type: 'string', maxLength: 300 },
    },
  },
  // One question about a draft at a time.
  turn: turnOfPost,
  find: ({ postId }, { database, now }) => findPostToActOn(database, postId, now),
  async run({ postId, reason, harm }, { rows: { post, inClass } }, { database, personId, now }) {
    if (reason.trim() === '') return refused('safety.noReason', 'reason');
    const earlier = await listOpeningsOf(database, postId);
    if (earlier.some((one) => ['waits', 'open'].includes(openingState(one, now))))
      return refused('safety.asked');
    const administrators = await listAdministratorsToAsk(database, personId);
    if (administrators.length === 0) return refused('safety.nobodyToAsk');
    const openingId = newId();
    await insertOpening(database, {
      id: openingId,
      classId: post.classId,
      postId,
      askedBy: personId,
      askedAt: now,
      reason: reason.trim(),
      harm: harm.trim(),
    });
    const link = `${getSettings().origin}/administration`;
    for (const { email, givenName } of administrators)
      await sendMail(database, {
        to: email,
        kind: 'draftToOpen',
        values: { name: givenName, title: inClass.title, link },
        now,
      });
    return done({ openingId });
  },
};
