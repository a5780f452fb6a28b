import { notFound } from 'next/navigation';
import { Review } from '@/components/review/Review';
import { Slips } from '@/components/review/Slips';
import { nextOnPile } from '@/core/posts/pile';
import { requireDesks } from '@/server/http/desk';
import { maybeArrangedPile } from '@/server/views/review/listPile';
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
  const pile = await maybeArrangedPile(desks);
  const review = await maybeReview(postId, desks, { since });
  if (!pile || !review) notFound();
  const next = nextOnPile(pile.parts.flat(), postId);
  return (
    <DeskFrame
      desk={desks.find((desk) => desk.inClass.id === review.classId) ?? desks[0]}
      current="pile"
      className="desk"
    >
      <Slips {...pile} current={postId} />
      <Review key={`${review.handInId} ${review.changed?.ordinal ?? ''}`} {...review} nextPostId={next} />
    </DeskFrame>
  );
}
