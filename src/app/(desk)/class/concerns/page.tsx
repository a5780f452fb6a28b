import { notFound } from 'next/navigation';
import { Concerns } from '@/components/classes/Concerns';
import { maybeConcerns } from '@/server/concerns/viewConcerns';
import { requireDesk } from '@/server/http/desk';
import { maybeOpenings } from '@/server/safety/viewOpenings';

export default async function ConcernsPage() {
  const desk = await requireDesk();
  const concerns = await maybeConcerns(desk);
  const openings = await maybeOpenings(desk);
  if (!concerns || !openings) notFound();
  return <Concerns {...concerns} {...openings} />;
}
