import { notFound } from 'next/navigation';
import { DraftToRead } from '@/components/review/DraftToRead';
import { requireWorkingDesk } from '@/server/http/desk';
import { maybeDraft } from '@/server/posts/viewDraft';

export default async function DraftPage({ params }: { readonly params: Promise<{ postId: string }> }) {
  const { personId, now } = await requireWorkingDesk();
  const draft = await maybeDraft((await params).postId, personId, now);
  if (!draft) notFound();
  return <DraftToRead {...draft} />;
}
