import { notFound } from 'next/navigation';
import { GradebookBusy } from '@/components/gradebook/GradebookBusy';
import { TermPage } from '@/components/terms/TermPage';
import { YearPage } from '@/components/terms/YearPage';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { busyInstead } from '@/server/deeds/gradebook/busyInstead';
import { maybeTerm } from '@/server/views/gradebook/viewTerm';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function ClassTermPage({ params }: InClass<'term'>) {
  const desk = await requireDeskIn(params);
  const { term } = await params;
  const shown = await busyInstead(maybeTerm(desk, term));
  if (!shown) notFound();
  return (
    <DeskFrame desk={desk} current="gradebook" className="desk">
      {shown === 'busy' ? (
        <GradebookBusy />
      ) : shown.kind === 'year' ? (
        <YearPage {...shown} />
      ) : (
        <TermPage {...shown} />
      )}
    </DeskFrame>
  );
}
