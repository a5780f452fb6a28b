import { notFound, redirect } from 'next/navigation';
import { reviewAddress } from '@/contract/addresses';
import { EmptyPile } from '@/components/review/EmptyPile';
import { requireDesks } from '@/server/http/desk';
import { maybePile } from '@/server/views/review/listPile';
import { DeskFrame } from '../DeskFrame';

export default async function PilePage() {
  const desks = await requireDesks();
  const pile = await maybePile(desks);
  if (!pile) notFound();
  if (pile[0]) redirect(reviewAddress(pile[0].postId));
  return (
    <DeskFrame desk={desks[0]} current="pile">
      <EmptyPile />
    </DeskFrame>
  );
}
