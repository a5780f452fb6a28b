import { notFound } from 'next/navigation';
import { Privacy } from '@/components/classes/Privacy';
import { maybePrivacy } from '@/server/views/class/viewClassPages';
import { requireDeskIn, type InClass } from '@/server/http/desk';

export default async function PrivacyPage({ params }: InClass) {
  const privacy = await maybePrivacy(await requireDeskIn(params));
  if (!privacy) notFound();
  return <Privacy {...privacy} />;
}
