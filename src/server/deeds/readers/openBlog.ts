import { audiencesUpTo, goesBeyondClass, narrower, type Audience } from '../../../core/access/audience';
import { SEEN_AS } from '../../../core/access/eyes';
import { may, type Actor, type Subject } from '../../../core/access/may';
import { localDate } from '../../../core/timing/zonedTime';
import type { Reader } from '../../ground/access/reader';
import { findActor } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { tokenHash } from '../../ground/secrets/secrets';
import { findBlogByAddress, findClassByAddress, type ClassRow } from '../../tables/classes';
import type { ShownTitle } from '../../tables/pageRevisions';
import { listShown } from '../../tables/passphrases';
import { findPublished, type PublishedRow, type PublishedText } from '../../tables/publishedPosts';
import type { Sight } from '../../tables/sight';

/** A class blog as somebody may read it. */
export interface Blog {
  readonly inClass: ClassRow;
  readonly actor: Actor;
  /** Its pages that some readers see, in their order. */
  readonly pages: readonly ShownTitle[];
  /** Whether the class has a passphrase. */
  readonly hasPassphrase: boolean;
  /** The passphrases that the reader's device has shown: '' for the class's own, else a post's id. */
  readonly shown: ReadonlySet<string>;
  /** The present day by the class's clock. */
  readonly day: string;
}

/** The class whose blog has an address, and what the reader is in it; null for a blog that is not there or not for them. */
export async function maybeOpenClass(
  address: string,
  reader: Reader,
): Promise<Pick<Blog, 'inClass' | 'actor'> | null> {
  const inClass = await findClassByAddress(database, address);
  const actor = inClass && (await maybeReading(reader, inClass));
  return inClass && actor && { inClass, actor };
}

/** Who reads, as far as they may read the blog of a class at all. */
async function maybeReading(reader: Reader, inClass: ClassRow): Promise<Actor | null> {
  const actor = await actorOf(reader, inClass);
  return may(actor, 'class.readBlog', { ceiling: inClass.ceiling }) ? actor : null;
}

/** The class blog of an address as one reader may see it; null for a blog that is not there or not for them. */
export async function maybeBlog(address: string, reader: Reader, now: Date): Promise<Blog | null> {
  const found = await findBlogByAddress(database, address);
  if (!found) return null;
  const { pages, hasPassphrase, ...inClass } = found;
  const actor = await maybeReading(reader, inClass);
  if (!actor) return null;
  const shown =
    reader.device && !reader.as
      ? await listShown(database, inClass.id, tokenHash(reader.device))
      : new Set<string>();
  const day = localDate(now.getTime(), inClass.timeZone);
  return { inClass, actor, pages, hasPassphrase, shown, day };
}

/** Who reads. A teacher may read with somebody else's eyes, nobody else can. */
async function actorOf({ personId, as }: Reader, inClass: ClassRow): Promise<Actor> {
  const actor = await findActor(database, inClass.id, personId);
  return as && may(actor, 'class.teach', {}) ? SEEN_AS[as] : actor;
}

/** One post with the blog that it stands in; `text` where it was asked for along with it. */
export interface FoundPost {
  readonly blog: Blog;
  readonly post: PublishedRow;
  readonly text: PublishedText | null;
}

/**
 * One post with the blog that it stands in; null for everybody whom its audience leaves out, as for one that is not there.
 * @param withText whether what it says is asked for along with it
 */
export async function maybePublished(
  address: string,
  postAddress: string,
  { reader, now, withText }: { readonly reader: Reader; readonly now: Date; readonly withText: boolean },
): Promise<FoundPost | null> {
  const blog = await maybeBlog(address, reader, now);
  const found =
    blog && (await findPublished(database, { classId: blog.inClass.id, address: postAddress, withText }));
  return blog && found && maySee(blog, found.post) ? { blog, ...found } : null;
}

/** Before whom a post stands now: the ceiling may have come down since it was published, a consent have run out, and a worry keep it away. */
export function publishedTo({ inClass, day }: Pick<Blog, 'inClass' | 'day'>, post: PublishedRow): Audience {
  if (post.away) return 'writerAndTeachers';
  const { from, until } = post.beyond;
  const allowed =
    goesBeyondClass(post.audience) && !(from <= day && day <= until) ? 'ourClass' : post.audience;
  return narrower(allowed, inClass.ceiling);
}

/** A post of the blog as the access table asks for it. */
export function subjectOf(blog: Blog, post: PublishedRow): Subject {
  const passphraseShown = blog.shown.has('') || blog.shown.has(post.postId);
  return { writerId: post.writerId, publishedTo: publishedTo(blog, post), passphraseShown };
}

/** Whether the reader of a blog may read a post of it. */
function maySee(blog: Blog, post: PublishedRow): boolean {
  return may(blog.actor, 'post.read', subjectOf(blog, post));
}

/** Which posts the reader of a blog may read, for lists of them: the access table is asked for each kind of post. */
export function sightOf({ inClass, actor, shown, day }: Blog): Sight {
  const { personId } = actor;
  const reads = (subject: Subject) => may(actor, 'post.read', { writerId: null, ...subject });
  const circles = audiencesUpTo(inClass.ceiling).filter((one) => one !== 'writerAndTeachers');
  const passphraseShown = shown.has('');
  const circle = circles.find((reach) => reads({ publishedTo: reach, passphraseShown })) ?? null;
  const byPassphrase = reads({ publishedTo: 'passphrase', passphraseShown: true });
  return {
    ...{ classId: inClass.id, circle, day, personId },
    seesAway: reads({ publishedTo: 'writerAndTeachers' }),
    ownToo:
      circle !== 'ourClass' &&
      personId !== null &&
      reads({ writerId: personId, publishedTo: 'writerAndTeachers' }),
    opened:
      circle === 'everyone' || circle === null
        ? [...shown].filter((postId) => postId !== '' && byPassphrase && circles.includes('passphrase'))
        : [],
  };
}
