import { notFound } from 'next/navigation';
import { AssignmentToRead } from '@/components/assignment/AssignmentToRead';
import { Builder } from '@/components/assignment/Builder';
import { maybeAssignmentToRead } from '@/server/views/assignments/viewAssignment';
import { maybeBuilder } from '@/server/views/assignments/viewBuilder';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

interface AssignmentPageProps extends InClass<'assignmentId'> {
  readonly searchParams: Promise<{ readonly as?: string }>;
}

export default async function AssignmentPage({ params, searchParams }: AssignmentPageProps) {
  const { assignmentId } = await params;
  const desk = await requireDeskIn(params);
  const asStudent = (await searchParams).as === 'student';
  const builder = asStudent ? null : await maybeBuilder(assignmentId, desk);
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
