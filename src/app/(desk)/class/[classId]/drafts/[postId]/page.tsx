import { notFound } from 'next/navigation';
import { DraftToRead } from '@/components/review/DraftToRead';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeDraft } from '@/server/views/writing/viewDraft';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function DraftPage({ params }: InClass<'postId'>) {
  const desk = await requireDeskIn(params);
  const draft = await maybeDraft((await params).postId, desk);
  if (!draft) notFound();
  return (
    <DeskFrame desk={desk} current="assignments">
      <DraftToRead {...draft} />
    </DeskFrame>
  );
}
