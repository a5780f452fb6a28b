import { notFound } from 'next/navigation';
import { Cards } from '@/components/roster/Cards';
import { canHaveCard } from '@/components/roster/rosterProps';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeRoster } from '@/server/views/roster/viewRoster';
import { getSettings } from '@/server/ground/settings/settings';

interface CardsPageProps extends InClass {
  /** `for`: ids with commas between; without it, or `new`, everybody who has no card yet. */
  readonly searchParams: Promise<{ readonly for?: string | string[] }>;
}

export default async function CardsPage({ params, searchParams }: CardsPageProps) {
  const { inClass, ...desk } = await requireDeskIn(params);
  const roster = await maybeRoster({ inClass, ...desk });
  if (!roster) notFound();
  const { for: wanted } = await searchParams;
  const named = typeof wanted === 'string' && wanted !== 'new' ? wanted.split(',') : null;
  const chosen = roster.students
    .filter((one) => (named ? named.includes(one.personId) : one.signIn === 'noCard'))
    .filter(canHaveCard);
  return (
    <Cards
      key={`${wanted?.toString() ?? ''} ${inClass.id}`}
      classId={inClass.id}
      className={[inClass.title, inClass.groupName].filter(Boolean).join(', ')}
      code={inClass.code}
      address={`${getSettings().origin}/sign-in?class=${inClass.code}`}
      passcodeKind={inClass.passcodeKind}
      namesTyped={inClass.namesTyped}
      students={roster.students.map(({ personId, name, signIn }) => ({ personId, name, signIn }))}
      chosen={chosen.map((one) => one.personId)}
    />
  );
}
