import { placeOf } from '../../../core/languages/languages';
import { monogram, nameOutside, type PersonName } from '../../../core/people/names';
import { FREE_OUTSIDE, namingWith, outside, type Consent } from '../../../core/privacy/consent';
import { dateInWords } from '../../../core/timing/inWords';
import type { Reader } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import type { Blog } from '../../deeds/readers/openBlog';
import type { ClassRow } from '../../tables/classes';
import { listSomeMembers, type MemberRow } from '../../tables/memberships';
import type { PublishedRow } from '../../tables/publishedPosts';
import { readablePages } from './readPages';

/** What every page of a blog shows of its class. */
export function shownBlog(inClass: ClassRow) {
  const { title, subtitle, schoolName, groupName, address, look, banner, lettering } = inClass;
  return { title, subtitle, schoolName, groupName, address, look, banner, lettering };
}

/** What stands around every page of a blog for its reader. `people`: as the class calls them, the reader among them. */
export function frameOf(blog: Blog, reader: Reader, people: ReadonlyMap<string, MemberRow>) {
  const { inClass, actor } = blog;
  const self = actor.role === 'reader' && !reader.as ? people.get(actor.personId ?? '') : undefined;
  return {
    blog: shownBlog(inClass),
    language: inClass.language,
    signedIn: reader.personId !== null,
    /** The name of who was invited to read and has no desk here; null for everybody else. */
    readerName: self ? self.shownName : null,
    pages: readablePages(blog),
  };
}

/** Whether who reads is of the class, and not one of its invited readers. */
export function isOfClass({ actor }: Pick<Blog, 'actor'>): boolean {
  return actor.role !== null && actor.role !== 'reader';
}

/**
 * Those whom a page names to its reader: for who is of the class all of these people, for an invited reader themselves. Others see
 * nobody as the class calls them.
 */
export async function listNamed(
  blog: Blog,
  personIds: readonly string[],
): Promise<ReadonlyMap<string, MemberRow>> {
  const { actor, inClass } = blog;
  const self = actor.role === 'reader' && actor.personId !== null ? [actor.personId] : [];
  const asked = isOfClass(blog) ? [...new Set(personIds)] : self;
  const members = await listSomeMembers(database, inClass.id, asked);
  return new Map(members.map((member) => [member.personId, member]));
}

/** A writer as the consents for them let them appear. */
export interface WriterNamed extends PersonName {
  readonly personId: string;
  readonly consents: readonly Consent[];
}

/**
 * People of the class see each other as they do in class; others by the class's naming rule, and then the monogram is
 * of no more than that name.
 */
export function shownWriter(writer: WriterNamed, blog: Blog, people: ReadonlyMap<string, MemberRow>) {
  const member = isOfClass(blog) ? people.get(writer.personId) : undefined;
  if (member) return { name: member.shownName, monogram: monogram(member) };
  if (isOfClass(blog)) return { name: '', monogram: '' };
  const { consentNeeded, namingRule } = blog.inClass;
  const { appears } = consentNeeded ? outside(writer.consents, blog.day, writer) : FREE_OUTSIDE;
  const name = nameOutside(writer, namingWith(appears, namingRule));
  const [givenName = '', familyName = ''] = name.split(' ');
  return { name, monogram: monogram({ givenName, familyName, penName: null }) };
}

/** A post as its card shows it. */
export function cardOf(post: PublishedRow, blog: Blog, people: ReadonlyMap<string, MemberRow>) {
  const { inClass } = blog;
  const { timeZone, language } = placeOf(inClass);
  return {
    postId: post.postId,
    address: `/blog/${inClass.address}/${post.address}`,
    title: post.title,
    subtitle: post.beside.subtitle,
    teaser: post.teaser,
    words: post.words,
    labels: post.labels,
    assignmentTitle: post.assignmentTitle,
    published: dateInWords(post.since.getTime(), timeZone, language),
    cover: post.cover,
    writer: shownWriter({ ...post.writer, personId: post.writerId }, blog, people),
  };
}
