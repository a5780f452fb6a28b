import { notFound } from 'next/navigation';
import { OpenedDraft } from '@/components/safety/OpenedDraft';
import { requireSession } from '@/server/http/desk';
import { maybeOpenedDraft } from '@/server/views/safety/viewOpenings';

export default async function OpenedDraftPage({
  params,
}: {
  readonly params: Promise<{ openingId: string }>;
}) {
  const { person, language } = await requireSession();
  const draft = await maybeOpenedDraft((await params).openingId, person.id, new Date(), language);
  if (!draft) notFound();
  return <OpenedDraft {...draft} />;
}
