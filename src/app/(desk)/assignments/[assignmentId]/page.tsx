import { notFound } from 'next/navigation';
import { AssignmentToRead } from '@/components/assignment/AssignmentToRead';
import { Builder } from '@/components/assignment/Builder';
import { maybeAssignmentToRead } from '@/server/assignments/viewAssignment';
import { maybeBuilder } from '@/server/assignments/viewBuilder';
import { requireDesk } from '@/server/http/desk';
import { DeskFrame } from '../../DeskFrame';

export default async function AssignmentPage({
  params,
}: {
  readonly params: Promise<{ assignmentId: string }>;
}) {
  const { assignmentId } = await params;
  const desk = await requireDesk();
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
