import { notFound } from 'next/navigation';
import { Concerns } from '@/components/classes/Concerns';
import { maybeConcerns } from '@/server/views/concerns/viewConcerns';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeOpenings } from '@/server/views/safety/viewOpenings';

export default async function ConcernsPage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const concerns = await maybeConcerns(desk);
  const openings = await maybeOpenings(desk);
  if (!concerns || !openings) notFound();
  return <Concerns {...concerns} {...openings} />;
}
