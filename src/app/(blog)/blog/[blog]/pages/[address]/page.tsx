import type { Metadata } from 'next';
import { notFound, permanentRedirect } from 'next/navigation';
import { cache } from 'react';
import { BlogPage } from '@/components/blog/BlogPage';
import { maybePage } from '@/server/views/blog/viewBlog';
import { currentReader } from '@/server/http/request';

interface Props {
  readonly params: Promise<{ blog: string; address: string }>;
}

const find = cache(async (blog: string, address: string) =>
  maybePage(blog, decodeURIComponent(address), await currentReader(), new Date()),
);

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { blog, address } = await params;
  const page = await find(blog, address);
  if (!page) return {};
  return { title: page.title, ...(page.searchEngines ? { robots: { index: true, follow: true } } : {}) };
}

export default async function PageOfBlog({ params }: Props) {
  const { blog, address } = await params;
  const page = await find(blog, address);
  if (!page) notFound();
  // The class had this address before.
  if (page.blog.address !== blog) permanentRedirect(encodeURI(page.address));
  return <BlogPage {...page} />;
}
