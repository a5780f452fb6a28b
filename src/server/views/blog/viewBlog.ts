import { placeOf } from '../../../core/languages/languages';
import { addressesOf, reviewAddress } from '../../../contract/addresses';
import { may } from '../../../core/access/may';
import { monogram, nameOutside } from '../../../core/people/names';
import { entryLinks } from '../../../core/posts/entryLinks';
import { htmlForReaders } from '../../../core/posts/revisionCopy';
import { namingWith } from '../../../core/privacy/consent';
import { dateInWords, momentInWords } from '../../../core/timing/inWords';
import { addDays, localDate, weekday } from '../../../core/timing/zonedTime';
import { findActor } from '../../ground/access/roles';
import { findClassByAddress, type ClassRow } from '../../tables/classes';
import { listEverMembers, type MemberRow } from '../../tables/memberships';
import { listCommentedPosts } from '../../tables/comments';
import { database } from '../../ground/database/database';
import { findPostToShow } from '../../deeds/subjects/findPostToActOn';
import { anonymously } from '../../deeds/subjects/handInShown';
import { writerShown } from '../../deeds/subjects/writerShown';
import { findHandInByReceipt } from '../../tables/handIns';
import { listHiddenNames } from '../../tables/hiddenNames';
import { findPassphraseSince } from '../../tables/passphrases';
import { listCards, listPublished, type PublishedCard, type PublishedRow } from '../../tables/publishedPosts';
import type { Reader } from '../../ground/access/reader';
import {
  maybeBlog,
  maybePublished,
  maySee,
  publishedTo,
  subjectOf,
  type Blog,
} from '../../deeds/readers/openBlog';
import { maybeComments } from '../comments/viewComments';
import { listReadablePages, maybeReadablePage } from './readPages';
import { findHandedInText } from '../../tables/revisionCopies';
import { findRevision } from '../../tables/revisions';

const WEEKS_SHOWN = 12;
const DAY = 86_400_000;

/** So many posts stand on a front page, one of them large; the others are on the ones behind it. */
export const POSTS_ON_FRONT = 31;

/**
 * The front page: the posts that this reader may read, newest first, with counts that are made of the whole list.
 * @param page the first page is 1; one that is not there is the last
 */
export async function maybeFront(address: string, reader: Reader, now: Date, page = 1) {
  const blog = await maybeBlog(address, reader, now);
  if (!blog) return null;
  const { inClass, actor, members, shown } = blog;
  const published = (await listPublished(database, inClass.id)).filter((post) => maySee(blog, post));
  const fromOutside = actor.role === null;
  const last = Math.max(1, Math.ceil(published.length / POSTS_ON_FRONT));
  const at = Math.min(page, last);
  const here = published.slice((at - 1) * POSTS_ON_FRONT, at * POSTS_ON_FRONT);
  return {
    blog: shownBlog(inClass),
    ...visitOf(blog, reader),
    as: reader.as,
    /** Where who reads with others' eyes came from. */
    back: reader.as ? addressesOf(inClass.id).privacy : null,
    /** Whether more could be read with the class's passphrase. */
    asksPassphrase:
      fromOutside && !shown.has('') && (await findPassphraseSince(database, inClass.id)) !== null,
    pages: await listReadablePages(pageReader(blog)),
    count: published.length,
    posts: (await listCards(database, here)).map((post) => card(post, blog)),
    /** The pages with the posts after and before these. */
    newer: at > 1 ? at - 1 : null,
    older: at < last ? at + 1 : null,
    weeks: weekly(published, inClass, now),
    labels: counted(published.flatMap((post) => blog.labelsOf(post))),
    assignments: counted(published.flatMap((post) => post.assignmentTitle ?? [])),
    writers: [...new Set(published.map((post) => post.writerId))].map((id) =>
      shownWriter(members.get(id), blog),
    ),
  };
}

/** One post for a reader; null for everybody whom its audience leaves out, as for a post that is not there. */
export async function maybePost(address: string, postAddress: string, reader: Reader, now: Date) {
  const found = await maybePublished(address, postAddress, reader, now);
  if (!found) return null;
  const { blog, post } = found;
  const audience = publishedTo(blog, post);
  const { linksInSameTab: sameTab } = blog.inClass.desk;
  return {
    blog: shownBlog(blog.inClass),
    ...visitOf(blog, reader),
    pages: await listReadablePages(pageReader(blog)),
    ...card(post, blog),
    lettering: post.beside.lettering,
    entries: entryLinks(post.headings, blog.inClass.language),
    html: htmlForReaders(post, { sameTab }),
    audience,
    searchEngines: blog.inClass.searchEngines && audience === 'everyone',
    inClass: blog.actor.role !== null && blog.actor.role !== 'reader',
    /** Whether a worry keeps it away, and whether who reads it can put it back. */
    away: post.away
      ? {
          own: post.writerId === reader.personId,
          putsBack: may(blog.actor, 'words.putBack', subjectOf(blog, post)),
        }
      : null,
    comments: await maybeComments(post.postId, { ...blog, subject: subjectOf(blog, post), now }),
    /** For the class's teachers: whether they can let fewer read it, or take it down. */
    narrows: may(blog.actor, 'post.narrow', subjectOf(blog, post)),
    /** For them as well: where its notes, its grade and its readers are. */
    review: may(blog.actor, 'post.review', { ...subjectOf(blog, post), handedIn: true })
      ? reviewAddress(post.postId)
      : null,
  };
}

/** So many posts are offered to somebody who could comment on them. */
const OFFERED = 3;

/** Others' posts that somebody could comment on and nobody has yet: how many, and the newest few. */
export async function listWithoutComment(address: string, reader: Reader, now: Date) {
  const blog = await maybeBlog(address, reader, now);
  if (!blog) return { count: 0, posts: [] };
  const commented = await listCommentedPosts(database, blog.inClass.id);
  const open = (await listPublished(database, blog.inClass.id)).filter(
    (post) => post.writerId !== reader.personId && !commented.has(post.postId) && maySee(blog, post),
  );
  const offered = await listCards(database, open.slice(0, OFFERED));
  return { count: open.length, posts: offered.map((post) => card(post, blog)) };
}

/** A page of the blog for a reader; null for everybody whom its audience leaves out, as for one that is not there. */
export async function maybePage(address: string, pageAddress: string, reader: Reader, now: Date) {
  const blog = await maybeBlog(address, reader, now);
  const page = blog && (await maybeReadablePage(pageReader(blog), pageAddress));
  if (!blog || !page) return null;
  return {
    blog: shownBlog(blog.inClass),
    ...visitOf(blog, reader),
    pages: await listReadablePages(pageReader(blog)),
    ...page,
  };
}

/** Whether somebody is signed in, and the name of who was invited to read and has no desk here; null for everybody else. */
function visitOf({ actor, members }: Blog, { personId, as }: Reader) {
  const member = actor.role === 'reader' && !as ? members.get(actor.personId ?? '') : undefined;
  return { signedIn: personId !== null, readerName: member ? member.shownName : null };
}

function pageReader({ inClass, actor, shown }: Blog) {
  return { inClass, actor, passphraseShown: shown.has('') };
}

/** A hand-in as it was, at its own address, for its writer and the teachers. */
export async function maybeKept(address: string, receipt: number, personId: string | null, now: Date) {
  const inClass = await findClassByAddress(database, address);
  const handIn =
    inClass && Number.isSafeInteger(receipt) ? await findHandInByReceipt(database, receipt) : null;
  const found = handIn && (await findPostToShow(database, handIn.postId, now));
  if (!inClass || !handIn || !found || found.classId !== inClass.id || personId === null) return null;
  const actor = await findActor(database, inClass.id, personId);
  const { subject } = found;
  // A hand-in that was taken back belongs to its writer alone again.
  if (!may(actor, handIn.takenBackAt ? 'post.write' : 'post.readHandIn', subject)) return null;
  const revision = await findHandedInText(database, handIn.revisionId);
  const writer = (await listEverMembers(database, inClass.id)).find(
    (member) => member.personId === found.rows.post.writerId,
  );
  if (!revision || !writer) return null;
  const { timeZone, language } = placeOf(inClass);
  const number = may(actor, 'post.review', subject)
    ? (await listHiddenNames(database, { postId: handIn.postId }, personId)).get(handIn.postId)
    : undefined;
  const written = number === undefined ? null : await findRevision(database, handIn.revisionId);
  const shown = writerShown(writer, number);
  return {
    blog: shownBlog(inClass),
    title: revision.title,
    subtitle: revision.beside.subtitle,
    lettering: revision.beside.lettering,
    html: htmlForReaders(written ? await anonymously(written, personId) : revision, { sameTab: false }),
    writer: shown.name,
    handedIn: momentInWords(handIn.handedInAt.getTime(), timeZone, language),
    receipt: `${shown.monogram} ${handIn.receipt}`,
    words: handIn.words,
    takenBack: handIn.takenBackAt !== null,
    tellsAbout: subject.writerId === personId ? null : handIn.postId,
  };
}

function shownBlog(inClass: ClassRow) {
  const { title, subtitle, schoolName, groupName, address, look, banner, lettering } = inClass;
  return { title, subtitle, schoolName, groupName, address, look, banner, lettering };
}

function card(post: PublishedCard, blog: Blog) {
  const { inClass, members } = blog;
  const { timeZone, language } = placeOf(inClass);
  return {
    postId: post.postId,
    address: `/blog/${inClass.address}/${post.address}`,
    title: post.title,
    subtitle: post.beside.subtitle,
    teaser: post.teaser,
    words: post.words,
    labels: blog.labelsOf(post),
    assignmentTitle: post.assignmentTitle,
    published: dateInWords(post.since.getTime(), timeZone, language),
    cover: post.cover,
    writer: shownWriter(members.get(post.writerId), blog),
  };
}

/**
 * People of the class see each other as they do in class; others by the class's naming rule, and then the monogram is
 * of no more than that name.
 */
function shownWriter(member: MemberRow | undefined, { actor, inClass, appears }: Blog) {
  if (!member) return { name: '', monogram: '' };
  if (actor.role !== null && actor.role !== 'reader')
    return { name: member.shownName, monogram: monogram(member) };
  const name = nameOutside(member, namingWith(appears(member.personId).appears, inClass.namingRule));
  const [givenName = '', familyName = ''] = name.split(' ');
  return { name, monogram: monogram({ givenName, familyName, penName: null }) };
}

function counted(names: readonly string[]): readonly { readonly name: string; readonly count: number }[] {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts]
    .map(([name, count]) => ({ name, count }))
    .sort((a, b) => b.count - a.count || a.name.localeCompare(b.name));
}

/** Posts in each of the latest weeks, from Monday, the present one last. */
function weekly(published: readonly PublishedRow[], { timeZone }: ClassRow, now: Date) {
  const today = localDate(now.getTime(), timeZone);
  const monday = addDays(today, 1 - weekday(today));
  // Of hundreds of posts most are older; the day of each by the class's clock is worked out once.
  const longAgo = now.getTime() - (WEEKS_SHOWN + 1) * 7 * DAY;
  const days = published
    .filter((post) => post.since.getTime() > longAgo)
    .map((post) => localDate(post.since.getTime(), timeZone));
  return Array.from({ length: WEEKS_SHOWN }, (_, index) => {
    const from = addDays(monday, (index + 1 - WEEKS_SHOWN) * 7);
    const until = addDays(from, 7);
    return { from, count: days.filter((day) => day >= from && day < until).length };
  });
}
