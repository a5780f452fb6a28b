import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { cache } from 'react';
import { FrontPage } from '@/components/blog/FrontPage';
import { maybeFront } from '@/server/blog/viewBlog';
import { currentSession } from '@/server/http/request';

interface Props {
  readonly params: Promise<{ blog: string }>;
}

const front = cache(async (address: string) =>
  maybeFront(address, (await currentSession())?.person.id ?? null, new Date()),
);

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const found = await front((await params).blog);
  return found ? { title: found.blog.title } : {};
}

export default async function BlogPage({ params }: Props) {
  const found = await front((await params).blog);
  if (!found) notFound();
  return <FrontPage {...found} />;
}
