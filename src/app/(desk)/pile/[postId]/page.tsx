import { notFound } from 'next/navigation';
import { Review } from '@/components/review/Review';
import { Slips } from '@/components/review/Slips';
import { requireDesk } from '@/server/http/desk';
import { maybePile } from '@/server/reviews/listPile';
import { maybeReview } from '@/server/reviews/viewReview';
import { DeskFrame } from '../../DeskFrame';

export default async function ReviewPage({ params }: { readonly params: Promise<{ postId: string }> }) {
  const { postId } = await params;
  const desk = await requireDesk();
  const pile = await maybePile(desk);
  const review = await maybeReview(postId, desk);
  if (!pile || !review) notFound();
  const next = pile.find((slip) => slip.postId !== postId)?.postId ?? null;
  return (
    <DeskFrame desk={desk} current="pile" className="desk">
      <Slips slips={pile} current={postId} />
      <Review key={review.handInId} {...review} nextPostId={next} />
    </DeskFrame>
  );
}
