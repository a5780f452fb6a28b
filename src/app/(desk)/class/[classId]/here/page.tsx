import { notFound } from 'next/navigation';
import { DeskFrame } from '@/app/(desk)/DeskFrame';
import { WhereWeAre } from '@/components/today/WhereWeAre';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeWhereWeAre } from '@/server/views/today/viewWhereWeAre';

export default async function WhereWeArePage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const here = await maybeWhereWeAre(desk);
  if (!here) notFound();
  return (
    <DeskFrame desk={desk} current="here">
      <WhereWeAre {...here} />
    </DeskFrame>
  );
}
