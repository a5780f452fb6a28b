import { notFound } from 'next/navigation';
import { HeldComments } from '@/components/comments/HeldComments';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeHeldComments } from '@/server/views/comments/viewHeldComments';

export default async function CommentsPage({ params }: InClass) {
  const comments = await maybeHeldComments(await requireDeskIn(params));
  if (!comments) notFound();
  return <HeldComments {...comments} />;
}
