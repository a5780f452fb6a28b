import { maybeBlog } from '../../deeds/readers/openBlog';
import type { Reader } from '../../ground/access/reader';
import { frameOf, listNamed } from './blogShown';
import { maybeReadablePage } from './readPages';

/** A page of the blog for a reader; null for everybody whom its audience leaves out, as for one that is not there. */
export async function maybePage(address: string, pageAddress: string, reader: Reader, now: Date) {
  const blog = await maybeBlog(address, reader, now);
  const page = blog && (await maybeReadablePage(blog, pageAddress));
  if (!blog || !page) return null;
  return { ...frameOf(blog, reader, await listNamed(blog, [])), ...page };
}
