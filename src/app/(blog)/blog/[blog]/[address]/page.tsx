import type { Metadata } from 'next';
import { notFound, permanentRedirect } from 'next/navigation';
import { cache } from 'react';
import { PostPage } from '@/components/blog/PostPage';
import { maybePost } from '@/server/views/blog/viewBlog';
import { currentReader } from '@/server/http/request';

interface Props {
  readonly params: Promise<{ blog: string; address: string }>;
}

const find = cache(async (blog: string, address: string) =>
  maybePost(blog, decodeURIComponent(address), await currentReader(), new Date()),
);

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { blog, address } = await params;
  const post = await find(blog, address);
  if (!post) return {};
  return { title: post.title, ...(post.searchEngines ? { robots: { index: true, follow: true } } : {}) };
}

export default async function BlogPostPage({ params }: Props) {
  const { blog, address } = await params;
  const post = await find(blog, address);
  if (!post) notFound();
  // The class, or the post, had this address before.
  if (post.address !== `/blog/${blog}/${decodeURIComponent(address)}`)
    permanentRedirect(encodeURI(post.address));
  return <PostPage {...post} />;
}
