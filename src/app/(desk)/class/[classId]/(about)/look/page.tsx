import { notFound } from 'next/navigation';
import { LookForm } from '@/components/classes/LookForm';
import { readerOf } from '@/server/ground/access/reader';
import { maybeFront } from '@/server/views/blog/viewFront';
import { maybeLook } from '@/server/views/class/viewClassPages';
import { requireDeskIn, type InClass } from '@/server/http/desk';

export default async function LookPage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const look = maybeLook(desk);
  if (!look) notFound();
  const front = await maybeFront(desk.inClass.address, readerOf(desk.personId), desk.now);
  return <LookForm {...look} cards={front?.posts.slice(0, 3) ?? []} />;
}
