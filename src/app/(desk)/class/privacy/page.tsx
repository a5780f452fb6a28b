import { notFound } from 'next/navigation';
import { Privacy } from '@/components/classes/Privacy';
import { maybePrivacy } from '@/server/classes/viewClassPages';
import { requireDesk } from '@/server/http/desk';

export default async function PrivacyPage() {
  const privacy = await maybePrivacy(await requireDesk());
  if (!privacy) notFound();
  return <Privacy {...privacy} />;
}
