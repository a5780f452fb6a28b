import { notFound } from 'next/navigation';
import { AssignmentList } from '@/components/assignment/AssignmentList';
import { listDeletedShown, maybeAssignmentList } from '@/server/views/assignments/viewAssignment';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function AssignmentsPage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const assignments = await maybeAssignmentList(desk);
  if (!assignments) notFound();
  return (
    <DeskFrame desk={desk} current="assignments">
      <AssignmentList
        classId={desk.inClass.id}
        groupName={desk.inClass.groupName}
        assignments={assignments}
        deleted={await listDeletedShown(desk)}
      />
    </DeskFrame>
  );
}
