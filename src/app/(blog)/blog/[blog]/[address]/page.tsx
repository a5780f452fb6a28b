import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { cache } from 'react';
import { PostPage } from '@/components/blog/PostPage';
import { maybePost } from '@/server/blog/viewBlog';
import { currentSession } from '@/server/http/request';

interface Props {
  readonly params: Promise<{ blog: string; address: string }>;
}

const find = cache(async (blog: string, address: string) =>
  maybePost(blog, decodeURIComponent(address), (await currentSession())?.person.id ?? null),
);

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { blog, address } = await params;
  const post = await find(blog, address);
  return post ? { title: post.title } : {};
}

export default async function BlogPostPage({ params }: Props) {
  const { blog, address } = await params;
  const post = await find(blog, address);
  if (!post) notFound();
  return <PostPage {...post} />;
}
