import { notFound } from 'next/navigation';
import { Case } from '@/components/worries/Case';
import { requireSession } from '@/server/http/desk';
import { maybeCase } from '@/server/views/worries/viewCase';
import { WorriesFrame } from '../WorriesFrame';

export default async function CasePage({ params }: { readonly params: Promise<{ caseId: string }> }) {
  const { person, language } = await requireSession();
  const shown = await maybeCase((await params).caseId, { personId: person.id, language, now: new Date() });
  if (!shown) notFound();
  return (
    <WorriesFrame current={shown.settled ? 'settled' : 'waiting'}>
      <Case key={shown.id} {...shown} />
    </WorriesFrame>
  );
}
