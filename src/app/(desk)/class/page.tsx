import { notFound } from 'next/navigation';
import { Roster } from '@/components/roster/Roster';
import { requireDesk } from '@/server/http/desk';
import { maybeRoster } from '@/server/people/viewRoster';

export default async function RosterPage() {
  const roster = await maybeRoster(await requireDesk());
  if (!roster) notFound();
  return <Roster {...roster} />;
}
