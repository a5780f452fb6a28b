import type { Metadata } from 'next';
import { notFound, permanentRedirect } from 'next/navigation';
import { cache } from 'react';
import { FrontPage } from '@/components/blog/FrontPage';
import { maybeFront } from '@/server/views/blog/viewBlog';
import { currentReader } from '@/server/http/request';

interface Props {
  readonly params: Promise<{ blog: string }>;
  /** `as`: whose eyes a teacher reads with; `page`: how far back. */
  readonly searchParams: Promise<{ readonly as?: string | string[]; readonly page?: string | string[] }>;
}

const front = cache(async (address: string, as?: string | string[], page?: string | string[]) =>
  maybeFront(address, await currentReader(as), new Date(), pageOf(page)),
);

/** The number of a page as it stands in an address; whatever is none is the first. */
function pageOf(page: string | string[] | undefined): number {
  const number = typeof page === 'string' && /^[0-9]{1,6}$/.test(page) ? Number(page) : 1;
  return Math.max(1, number);
}

export async function generateMetadata({ params, searchParams }: Props): Promise<Metadata> {
  const { as, page } = await searchParams;
  const found = await front((await params).blog, as, page);
  return found ? { title: found.blog.title } : {};
}

export default async function BlogPage({ params, searchParams }: Props) {
  const { blog } = await params;
  const { as, page } = await searchParams;
  const found = await front(blog, as, page);
  if (!found) notFound();
  if (found.blog.address !== blog) permanentRedirect(`/blog/${found.blog.address}`);
  return <FrontPage {...found} />;
}
