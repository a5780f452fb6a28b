import { notFound, redirect } from 'next/navigation';
import { reviewAddress } from '@/contract/addresses';
import { EmptyPile } from '@/components/review/EmptyPile';
import { nextOnPile } from '@/core/posts/pile';
import { requireDesks } from '@/server/http/desk';
import { maybeArrangedPile } from '@/server/views/review/listPile';
import { DeskFrame } from '../DeskFrame';

export default async function PilePage() {
  const desks = await requireDesks();
  const pile = await maybeArrangedPile(desks);
  if (!pile) notFound();
  const next = nextOnPile(pile.parts.flat(), '');
  if (next) redirect(reviewAddress(next));
  return (
    <DeskFrame desk={desks[0]} current="pile">
      <EmptyPile by={pile.by} classId={pile.classId} classes={pile.classes} />
    </DeskFrame>
  );
}
