import { notFound } from 'next/navigation';
import { SetPage } from '@/components/set/SetPage';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeSet } from '@/server/views/set/viewSet';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function AssignmentSetPage({ params }: InClass<'assignmentId'>) {
  const desk = await requireDeskIn(params);
  const set = await maybeSet((await params).assignmentId, desk);
  if (!set) notFound();
  return (
    <DeskFrame desk={desk} current="assignments" className="desk">
      <SetPage {...set} />
    </DeskFrame>
  );
}
