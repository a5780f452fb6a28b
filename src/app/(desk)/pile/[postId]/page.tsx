import { notFound } from 'next/navigation';
import { Review } from '@/components/review/Review';
import { Slips } from '@/components/review/Slips';
import type { Passage } from '@/core/notes/passage';
import { nextOnPile } from '@/core/posts/pile';
import { requireDesks } from '@/server/http/desk';
import { maybeArrangedPile } from '@/server/views/review/listPile';
import { maybeReview } from '@/server/views/review/viewReview';
import { DeskFrame } from '../../DeskFrame';

interface ReviewPageProps {
  readonly params: Promise<{ postId: string }>;
  /** Which hand-in it is compared with, and a passage that a note is begun at: `12-80`. */
  readonly searchParams: Promise<{ since?: string | string[]; pin?: string | string[] }>;
}

function passageIn(pin: string | string[] | undefined): Passage | null {
  const [, from, to] = /^(\d{1,7})-(\d{1,7})$/.exec(String(pin)) ?? [];
  return Number(from) < Number(to) ? { from: Number(from), to: Number(to) } : null;
}

export default async function ReviewPage({ params, searchParams }: ReviewPageProps) {
  const { postId } = await params;
  const asked = await searchParams;
  const since = Number(asked.since) || null;
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
      <Review
        key={`${review.handInId} ${review.changed?.ordinal ?? ''}`}
        {...review}
        nextPostId={next}
        pinAt={passageIn(asked.pin)}
      />
    </DeskFrame>
  );
}
