import { notFound } from 'next/navigation';
import { SecondReadingPage } from '@/components/secondReading/SecondReadingPage';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeSecondReading } from '@/server/views/secondReading/viewSecondReading';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function AssignmentSecondPage({ params }: InClass<'assignmentId'>) {
  const desk = await requireDeskIn(params);
  const second = await maybeSecondReading((await params).assignmentId, desk);
  if (!second) notFound();
  return (
    <DeskFrame desk={desk} current="assignments" className="desk">
      <SecondReadingPage {...second} />
    </DeskFrame>
  );
}
