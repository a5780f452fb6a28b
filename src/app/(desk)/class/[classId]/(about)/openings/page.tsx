import { notFound } from 'next/navigation';
import { OpenDraft } from '@/components/safety/OpenDraft';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeOpenings } from '@/server/views/safety/viewOpenings';

export default async function OpeningsPage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const openings = await maybeOpenings(desk);
  if (!openings) notFound();
  return <OpenDraft {...openings} />;
}
