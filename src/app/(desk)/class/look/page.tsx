import { notFound } from 'next/navigation';
import { LookForm } from '@/components/classes/LookForm';
import { maybeLook } from '@/server/classes/viewClassPages';
import { requireDesk } from '@/server/http/desk';

export default async function LookPage() {
  const look = maybeLook(await requireDesk());
  if (!look) notFound();
  return <LookForm {...look} />;
}
