import { savePost as deed, type Saved } from '../../../contract/posts/savePost';
import { isWithinBounds } from '../../../core/document/bounds';
import { type Context, done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { endTypingIn, updateDraft, type PostRow } from '../../tables/posts';
import {
  deleteRevision,
  findLatestRevision,
  findLatestRevisionAt,
  findRevision,
  insertRevision,
} from '../../tables/revisions';
import { type Writing } from '../../tables/writings';
import { documentFrom } from '../../tables/columns';
import { draftUseCase } from '../subjects/draftUseCase';
import { countWordsMoved } from '../origin/countWordsMoved';
import { maybeWriting, picturesNamed } from '../evidence/writing';
import { keepAsRevision } from './keepAsRevision';

/** A copy of what is overwritten is kept when the last one is older than this, or when much would be lost. */
const KEEP_EVERY = 3 * 60_000;
const MUCH = 40;

export const savePost = draftUseCase(deed, {
  async run({ version, writing: sent, branchId, came = [] }, post, context) {
    if (!isWithinBounds(sent.body)) return refused('post.tooMuch', 'body');
    const writing = maybeWriting(sent);
    if (!writing) return refused('post.notADocument', 'body');
    if (isSame(writing, post))
      return done({ kind: 'saved', version: post.version, savedAt: post.savedAt.toISOString() });
    if (version !== post.version) return done(await branch(post, { writing, branchId }, context));
    await keepCopy(post, writing, context);
    if (post.typesInId !== null && context.personId === post.writerId)
      await endTypingIn(context.database, post.id);
    const next = post.version + 1;
    const { database, personId: by, now } = context;
    const sitting = await countWordsMoved(database, post, { body: writing.body, came, by, now });
    await updateDraft(database, { ...writing, id: post.id, version: next, sitting, savedAt: now });
    return done({ kind: 'saved', version: next, savedAt: context.now.toISOString() });
  },
});

/**
 * Keeps what was saved from an older base beside what stands. Who writes on while both wait writes on in the same branch; copies
 * of that are kept as they are of a draft.
 */
async function branch(
  post: PostRow,
  { writing, branchId }: { readonly writing: Writing; readonly branchId: string | undefined },
  { database, now }: Context,
): Promise<Saved> {
  const before = branchId === undefined ? null : await findRevision(database, branchId);
  const goesOn =
    before?.postId === post.id &&
    before.kind === 'branch' &&
    now.getTime() - before.createdAt.getTime() < KEEP_EVERY &&
    before.body.length - writing.body.length <= MUCH;
  if (goesOn) await deleteRevision(database, before.id);
  const id = newId();
  const createdAt = goesOn ? before.createdAt : now;
  await insertRevision(
    database,
    { ...writing, id, postId: post.id, kind: 'branch', createdAt },
    picturesNamed(writing),
  );
  const stands = {
    title: post.title,
    labels: post.labels,
    beside: post.beside,
    body: documentFrom(post.body),
  };
  return { kind: 'branched', branchId: id, version: post.version, writing: stands };
}

/** Keeps what a save is about to overwrite, so that nothing a child wrote is gone without a copy. */
async function keepCopy(post: PostRow, writing: Writing, { database, now }: Context): Promise<void> {
  const lastAt = await findLatestRevisionAt(database, post.id);
  const since = now.getTime() - (lastAt ?? post.begunAt).getTime();
  const muchIsLost = post.body.length - writing.body.length > MUCH;
  if (since < KEEP_EVERY && !muchIsLost) return;
  const last = lastAt && (await findLatestRevision(database, post.id));
  if (last && isSame(last, post)) return;
  await keepAsRevision(database, post, now);
}

function isSame(one: Writing, other: Writing): boolean {
  return (
    one.title === other.title &&
    one.body === other.body &&
    JSON.stringify(one.labels) === JSON.stringify(other.labels) &&
    JSON.stringify(one.beside) === JSON.stringify(other.beside)
  );
}
