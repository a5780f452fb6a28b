import { notFound } from 'next/navigation';
import { Roster } from '@/components/roster/Roster';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeRoster } from '@/server/views/roster/viewRoster';

export default async function RosterPage({ params }: InClass) {
  const roster = await maybeRoster(await requireDeskIn(params));
  if (!roster) notFound();
  return <Roster {...roster} />;
}
