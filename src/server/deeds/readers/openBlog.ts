import type { Audience } from '../../../core/access/audience';
import { SEEN_AS } from '../../../core/access/eyes';
import { may, type Actor, type Subject } from '../../../core/access/may';
import { shownLabels } from '../../../core/labels/shownLabels';
import { readersNow } from '../../../core/privacy/readersNow';
import { labelKey } from '../../../core/labels/labelKey';
import type { Reader } from '../../ground/access/reader';
import { findActor } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { tokenHash } from '../../ground/secrets/secrets';
import { findClassByAddress, type ClassRow } from '../../tables/classes';
import { listEverMembers, type MemberRow } from '../../tables/memberships';
import { findLabelChanges, listProposals } from '../../tables/labels';
import { listShown } from '../../tables/passphrases';
import { findPublished, type PublishedRow, type PublishedText } from '../../tables/publishedPosts';
import { listAppearances, type Appearances } from '../subjects/appearances';

/** A class blog as somebody may read it. */
export interface Blog {
  readonly inClass: ClassRow;
  readonly actor: Actor;
  readonly members: ReadonlyMap<string, MemberRow>;
  /** The passphrases that the reader's device has shown: '' for the class's own, else a post's id. */
  readonly shown: ReadonlySet<string>;
  /** The labels of a post as readers see them now. */
  readonly labelsOf: (post: PublishedRow) => readonly string[];
  /** How each writer may appear outside the class. */
  readonly appears: Appearances;
}

/** The class whose blog has an address, and what the reader is in it; null for a blog that is not there or not for them. */
export async function maybeOpenClass(
  address: string,
  reader: Reader,
): Promise<Pick<Blog, 'inClass' | 'actor'> | null> {
  const inClass = await findClassByAddress(database, address);
  if (!inClass) return null;
  const actor = await actorOf(reader, inClass);
  return may(actor, 'class.readBlog', { ceiling: inClass.ceiling }) ? { inClass, actor } : null;
}

/** The class blog of an address as one reader may see it; null for a blog that is not there or not for them. */
export async function maybeBlog(address: string, reader: Reader, now: Date): Promise<Blog | null> {
  const open = await maybeOpenClass(address, reader);
  if (!open) return null;
  const { inClass, actor } = open;
  const everybody = await listEverMembers(database, inClass.id);
  const members = new Map(everybody.map((member) => [member.personId, member]));
  const appears = await listAppearances(database, inClass, { members: everybody, now });
  const shown =
    reader.device && !reader.as
      ? await listShown(database, inClass.id, tokenHash(reader.device))
      : new Set<string>();
  const changes = await findLabelChanges(database, inClass.id);
  const waiting = new Set((await listProposals(database, inClass.id)).map((one) => labelKey(one.label)));
  const labelsOf = (post: PublishedRow) => shownLabels(post.labels, changes, waiting);
  return { inClass, actor, members, shown, appears, labelsOf };
}

/** Who reads. A teacher may read with somebody else's eyes, nobody else can. */
async function actorOf({ personId, as }: Reader, inClass: ClassRow): Promise<Actor> {
  const actor = await findActor(database, inClass.id, personId);
  return as && may(actor, 'class.teach', {}) ? SEEN_AS[as] : actor;
}

/** One post with the blog that it stands in; null for everybody whom its audience leaves out, as for one that is not there. */
export async function maybePublished(
  address: string,
  postAddress: string,
  reader: Reader,
  now: Date,
): Promise<{ readonly blog: Blog; readonly post: PublishedText } | null> {
  const blog = await maybeBlog(address, reader, now);
  const post = blog && (await findPublished(database, blog.inClass.id, postAddress));
  return blog && post && maySee(blog, post) ? { blog, post } : null;
}

/** Before whom a post stands now: the ceiling may have come down since it was published, a consent have run out, and a worry keep it away. */
export function publishedTo({ inClass, appears }: Blog, post: PublishedRow): Audience {
  const outside = appears(post.writerId, post.postId);
  return readersNow(post.audience, { ceiling: inClass.ceiling, outside, away: post.away }).to;
}

/** A post of the blog as the access table asks for it. */
export function subjectOf(blog: Blog, post: PublishedRow): Subject {
  const passphraseShown = blog.shown.has('') || blog.shown.has(post.postId);
  return { writerId: post.writerId, publishedTo: publishedTo(blog, post), passphraseShown };
}

/** Whether the reader of a blog may read a post of it. */
export function maySee(blog: Blog, post: PublishedRow): boolean {
  return may(blog.actor, 'post.read', subjectOf(blog, post));
}
