import { notFound, redirect } from 'next/navigation';
import { Worries } from '@/components/worries/Worries';
import { requireSession } from '@/server/http/desk';
import { maybeWorries } from '@/server/views/worries/viewWorries';
import { WorriesFrame } from './WorriesFrame';

export default async function WorriesPage() {
  const { person, language } = await requireSession();
  const worries = await maybeWorries({ personId: person.id, language, now: new Date() });
  if (!worries) notFound();
  const [only, ...others] = worries.waiting;
  // Where one waits it is what is come for.
  if (only && others.length === 0) redirect(`/worries/${only.id}`);
  return (
    <WorriesFrame current="waiting">
      <Worries rows={worries.waiting} nobodyNamed={worries.nobodyNamed} />
    </WorriesFrame>
  );
}
