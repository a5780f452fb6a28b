import { notFound } from 'next/navigation';
import { Concerns } from '@/components/classes/Concerns';
import { maybeConcerns } from '@/server/concerns/viewConcerns';
import { requireDesk } from '@/server/http/desk';

export default async function ConcernsPage() {
  const concerns = await maybeConcerns(await requireDesk());
  if (!concerns) notFound();
  return <Concerns {...concerns} />;
}
