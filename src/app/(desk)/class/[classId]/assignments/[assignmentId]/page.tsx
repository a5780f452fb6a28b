import { notFound } from 'next/navigation';
import { AssignmentToRead } from '@/components/assignment/AssignmentToRead';
import { Builder } from '@/components/assignment/Builder';
import { maybeAssignmentToRead } from '@/server/views/assignments/viewAssignment';
import { maybeBuilder } from '@/server/views/assignments/viewBuilder';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function AssignmentPage({ params }: InClass<'assignmentId'>) {
  const { assignmentId } = await params;
  const desk = await requireDeskIn(params);
  const builder = await maybeBuilder(assignmentId, desk);
  if (builder)
    return (
      <DeskFrame desk={desk} current="assignments" className="desk">
        <Builder key={assignmentId} {...builder} />
      </DeskFrame>
    );
  const assignment = await maybeAssignmentToRead(assignmentId, desk);
  if (!assignment) notFound();
  return (
    <DeskFrame desk={desk} current={null}>
      <AssignmentToRead {...assignment} />
    </DeskFrame>
  );
}
