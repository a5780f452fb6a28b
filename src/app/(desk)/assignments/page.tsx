import { notFound } from 'next/navigation';
import { AssignmentList } from '@/components/assignment/AssignmentList';
import { maybeAssignmentList } from '@/server/assignments/viewAssignment';
import { requireDesk } from '@/server/http/desk';
import { DeskFrame } from '../DeskFrame';

export default async function AssignmentsPage() {
  const desk = await requireDesk();
  const assignments = await maybeAssignmentList(desk);
  if (!assignments) notFound();
  return (
    <DeskFrame desk={desk} current="assignments">
      <AssignmentList
        classId={desk.inClass.id}
        groupName={desk.inClass.groupName}
        assignments={assignments}
      />
    </DeskFrame>
  );
}
