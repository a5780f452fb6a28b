import { notFound } from 'next/navigation';
import { Review } from '@/components/review/Review';
import { Slips } from '@/components/review/Slips';
import { requireDesks } from '@/server/http/desk';
import { maybePile } from '@/server/views/review/listPile';
import { maybeReview } from '@/server/views/review/viewReview';
import { DeskFrame } from '../../DeskFrame';

interface ReviewPageProps {
  readonly params: Promise<{ postId: string }>;
  /** Which hand-in it is compared with. */
  readonly searchParams: Promise<{ since?: string | string[] }>;
}

export default async function ReviewPage({ params, searchParams }: ReviewPageProps) {
  const { postId } = await params;
  const since = Number((await searchParams).since) || null;
  const desks = await requireDesks();
  const pile = await maybePile(desks);
  const review = await maybeReview(postId, desks, { since });
  if (!pile || !review) notFound();
  const next = pile.find((slip) => slip.postId !== postId)?.postId ?? null;
  return (
    <DeskFrame
      desk={desks.find((desk) => desk.inClass.id === review.classId) ?? desks[0]}
      current="pile"
      className="desk"
    >
      <Slips slips={pile} current={postId} />
      <Review key={`${review.handInId} ${review.changed?.ordinal ?? ''}`} {...review} nextPostId={next} />
    </DeskFrame>
  );
}
