import { may, type Actor } from '../../core/access/may';
import { readersHtml, maybePictureAddress } from '../../core/document/html/readersHtml';
import { openDocument } from '../../core/document/openDocument';
import { pictures } from '../../core/document/pictures';
import { teaserFrom } from '../../core/document/teaser';
import { monogram, nameInClass, nameOutside } from '../../core/people/names';
import { dateInWords, momentInWords } from '../../core/timing/inWords';
import { addDays, localDate, weekday } from '../../core/timing/zonedTime';
import { countDocumentWords } from '../../core/words/countWords';
import { findRole } from '../access/roles';
import { findClassByAddress, listMembers, type ClassRow, type MemberRow } from '../classes/queries';
import { database } from '../database/database';
import { findPostToShow } from '../posts/findPostToActOn';
import { findHandInByReceipt, findRevision } from '../posts/queries';
import { findPublished, listPublished, type PublishedRow } from './queries';

const WEEKS_SHOWN = 12;

/** The class blog of an address as one person may see it; null for a blog that is not there or not for them. */
async function maybeBlog(address: string, personId: string | null) {
  const inClass = await findClassByAddress(database, address);
  if (!inClass) return null;
  const actor: Actor = {
    personId,
    role: personId === null ? null : await findRole(database, inClass.id, personId),
  };
  if (!may(actor, 'class.readBlog', { ceiling: inClass.ceiling })) return null;
  const members = new Map(
    (await listMembers(database, inClass.id)).map((member) => [member.personId, member]),
  );
  return { inClass, actor, members };
}

/** The front page: the posts that this person may read, newest first, with counts that are made of the same list. */
export async function maybeFront(address: string, personId: string | null, now: Date) {
  const blog = await maybeBlog(address, personId);
  if (!blog) return null;
  const { inClass, actor, members } = blog;
  const published = (await listPublished(database, inClass.id)).filter((post) => maySee(actor, post));
  return {
    blog: shownBlog(inClass),
    signedIn: personId !== null,
    posts: published.map((post) => card(post, blog.actor, members, inClass)),
    weeks: weekly(published, inClass, now),
    labels: counted(published.flatMap((post) => post.labels)),
    assignments: counted(published.map((post) => post.assignmentTitle)),
    writers: [...new Set(published.map((post) => post.writerId))].map((id) => {
      const member = members.get(id);
      return {
        id,
        monogram: member ? monogram(member) : '',
        name: member ? shownName(member, actor, inClass) : '',
      };
    }),
  };
}

/** One post for a reader; null for everybody whom its audience leaves out, as for a post that is not there. */
export async function maybePost(address: string, postAddress: string, personId: string | null) {
  const blog = await maybeBlog(address, personId);
  const post = blog && (await findPublished(database, blog.inClass.id, postAddress));
  if (!blog || !post || !maySee(blog.actor, post)) return null;
  const { inClass, actor, members } = blog;
  const body = openDocument(JSON.parse(post.body));
  return {
    blog: shownBlog(inClass),
    signedIn: personId !== null,
    ...card(post, actor, members, inClass),
    html: readersHtml(body),
    audience: post.audience,
  };
}

/** A hand-in as it was, at its own address, for its writer and the teachers. */
export async function maybeKept(address: string, receipt: number, personId: string | null) {
  const inClass = await findClassByAddress(database, address);
  const handIn =
    inClass && Number.isSafeInteger(receipt) ? await findHandInByReceipt(database, receipt) : null;
  const found = handIn && (await findPostToShow(database, handIn.postId));
  if (!inClass || !handIn || !found || found.classId !== inClass.id || personId === null) return null;
  const actor: Actor = { personId, role: await findRole(database, inClass.id, personId) };
  const { subject } = found;
  // A hand-in that was taken back belongs to its writer alone again.
  if (!may(actor, handIn.takenBackAt ? 'post.write' : 'post.readHandIn', subject)) return null;
  const revision = await findRevision(database, handIn.revisionId);
  const writer = (await listMembers(database, inClass.id)).find(
    (member) => member.personId === found.rows.post.writerId,
  );
  if (!revision || !writer) return null;
  return {
    blog: shownBlog(inClass),
    title: revision.title,
    html: readersHtml(openDocument(JSON.parse(revision.body))),
    writer: nameInClass(writer),
    handedIn: momentInWords(handIn.handedInAt.getTime(), inClass.timeZone, inClass.language),
    receipt: `${monogram(writer)} ${handIn.receipt}`,
    words: handIn.words,
    takenBack: handIn.takenBackAt !== null,
  };
}

function maySee(actor: Actor, post: PublishedRow): boolean {
  return may(actor, 'post.read', { writerId: post.writerId, publishedTo: post.audience });
}

function shownBlog({ title, subtitle, schoolName, groupName, address }: ClassRow) {
  return { title, subtitle, schoolName, groupName, address };
}

function card(post: PublishedRow, actor: Actor, members: ReadonlyMap<string, MemberRow>, inClass: ClassRow) {
  const body = openDocument(JSON.parse(post.body));
  const writer = members.get(post.writerId);
  const first = pictures(body).find((picture) => maybePictureAddress(picture.src));
  return {
    postId: post.postId,
    address: `/blog/${inClass.address}/${post.address}`,
    title: post.title,
    teaser: teaserFrom(body),
    words: countDocumentWords(body),
    labels: post.labels,
    assignmentTitle: post.assignmentTitle,
    published: dateInWords(post.since.getTime(), inClass.timeZone, inClass.language),
    cover: first ? { src: first.src, description: first.description } : null,
    writer: {
      name: writer ? shownName(writer, actor, inClass) : '',
      monogram: writer ? monogram(writer) : '',
    },
  };
}

/** People of the class see each other as they do in class; others by the class's naming rule. */
function shownName(member: MemberRow, actor: Actor, inClass: ClassRow): string {
  return actor.role === null ? nameOutside(member, inClass.namingRule) : nameInClass(member);
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
  return Array.from({ length: WEEKS_SHOWN }, (_, index) => {
    const from = addDays(monday, (index + 1 - WEEKS_SHOWN) * 7);
    const until = addDays(from, 7);
    const days = published.map((post) => localDate(post.since.getTime(), timeZone));
    return { from, count: days.filter((day) => day >= from && day < until).length };
  });
}
