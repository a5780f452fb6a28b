import { notFound } from 'next/navigation';
import { Notice } from '@/components/blog/Notice';
import { maybeNotice } from '@/server/views/class/viewNotice';
import { currentSession } from '@/server/http/request';

export default async function NoticePage({ params }: { readonly params: Promise<{ blog: string }> }) {
  const { blog } = await params;
  const notice = await maybeNotice(blog, (await currentSession())?.person.id ?? null);
  if (!notice) notFound();
  return <Notice {...notice} />;
}
