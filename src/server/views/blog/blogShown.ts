import { placeOf } from '../../../core/languages/languages';
import { blogAddresses } from '../../../core/blog/addresses';
import { monogram } from '../../../core/people/names';
import { dateInWords } from '../../../core/timing/inWords';
import type { Reader } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { nameForReaders, nameHash } from '../../deeds/subjects/nameForReaders';
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
export type WriterNamed = PublishedRow['writer'] & { readonly personId: string };

/**
 * People of the class see each other as they do in class; others by the class's naming rule, and then the monogram is
 * of no more than that name. Their own page is one for everybody, under one name outside: `address` is null while that is another.
 */
export function shownWriter(writer: WriterNamed, blog: Blog, people: ReadonlyMap<string, MemberRow>) {
  const outside = nameForReaders(writer, writer.consents, blog);
  const { page } = writer;
  const leads = page?.nameHash.equals(nameHash(outside)) ?? false;
  const address = page && leads ? blogAddresses(blog.inClass.address).writer(page.address) : null;
  const member = isOfClass(blog) ? people.get(writer.personId) : undefined;
  if (member) return { name: member.shownName, monogram: monogram(member), address };
  if (isOfClass(blog)) return { name: '', monogram: '', address: null };
  const [givenName = '', familyName = ''] = outside.split(' ');
  return { name: outside, monogram: monogram({ givenName, familyName, penName: null }), address };
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
