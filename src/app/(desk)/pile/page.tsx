import { notFound, redirect } from 'next/navigation';
import { EmptyPile } from '@/components/review/EmptyPile';
import { requireDesk } from '@/server/http/desk';
import { maybePile } from '@/server/reviews/listPile';
import { DeskFrame } from '../DeskFrame';

export default async function PilePage() {
  const desk = await requireDesk();
  const pile = await maybePile(desk);
  if (!pile) notFound();
  if (pile[0]) redirect(`/pile/${pile[0].postId}`);
  return (
    <DeskFrame desk={desk} current="pile">
      <EmptyPile />
    </DeskFrame>
  );
}
