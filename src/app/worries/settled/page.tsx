import { notFound } from 'next/navigation';
import { SettledWorries } from '@/components/worries/SettledWorries';
import { requireSession } from '@/server/http/desk';
import { maybeWorries } from '@/server/views/worries/viewWorries';
import { WorriesFrame } from '../WorriesFrame';

export default async function SettledWorriesPage() {
  const { person, language } = await requireSession();
  const worries = await maybeWorries({ personId: person.id, language, now: new Date() });
  if (!worries) notFound();
  return (
    <WorriesFrame current="settled">
      <SettledWorries rows={worries.settled} months={worries.keptMonths} />
    </WorriesFrame>
  );
}
