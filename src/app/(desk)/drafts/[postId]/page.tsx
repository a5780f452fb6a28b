import { notFound } from 'next/navigation';
import { DraftToRead } from '@/components/review/DraftToRead';
import { requireWorkingDesk } from '@/server/http/desk';
import { maybeDraft } from '@/server/posts/viewDraft';
import { DeskFrame } from '../../DeskFrame';

export default async function DraftPage({ params }: { readonly params: Promise<{ postId: string }> }) {
  const desk = await requireWorkingDesk();
  const draft = await maybeDraft((await params).postId, desk.personId, desk.now);
  if (!draft) notFound();
  return (
    <DeskFrame desk={desk} current="assignments">
      <DraftToRead {...draft} />
    </DeskFrame>
  );
}
