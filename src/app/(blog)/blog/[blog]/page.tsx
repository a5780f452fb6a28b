import type { Metadata } from 'next';
import { notFound, permanentRedirect } from 'next/navigation';
import { cache } from 'react';
import { FrontPage } from '@/components/blog/FrontPage';
import { maybeFront } from '@/server/blog/viewBlog';
import { currentReader } from '@/server/http/request';

interface Props {
  readonly params: Promise<{ blog: string }>;
  /** `as`: whose eyes a teacher reads with. */
  readonly searchParams: Promise<{ readonly as?: string | string[] }>;
}

const front = cache(async (address: string, as?: string | string[]) =>
  maybeFront(address, await currentReader(as), new Date()),
);

export async function generateMetadata({ params, searchParams }: Props): Promise<Metadata> {
  const found = await front((await params).blog, (await searchParams).as);
  return found ? { title: found.blog.title } : {};
}

export default async function BlogPage({ params, searchParams }: Props) {
  const { blog } = await params;
  const found = await front(blog, (await searchParams).as);
  if (!found) notFound();
  if (found.blog.address !== blog) permanentRedirect(`/blog/${found.blog.address}`);
  return <FrontPage {...found} />;
}
