import { StudentToday } from '@/components/today/StudentToday';
import { TeacherToday } from '@/components/today/TeacherToday';
import { database } from '@/server/database/database';
import { requireWorkingDesk } from '@/server/http/desk';
import { findPerson } from '@/server/people/queries';
import { listWork } from '@/server/today/listWork';
import { maybeTeacherToday } from '@/server/today/viewTeacherToday';
import { weekAround } from '@/server/today/week';
import { DeskFrame } from '../DeskFrame';

export default async function TodayPage() {
  const desk = await requireWorkingDesk();
  const teacher = await maybeTeacherToday(desk);
  if (teacher)
    return (
      <DeskFrame desk={desk} current="today">
        <TeacherToday {...teacher} />
      </DeskFrame>
    );
  const person = await findPerson(database, desk.personId);
  const days = weekAround(desk.now, desk.inClass);
  return (
    <DeskFrame desk={desk} current="today">
      <StudentToday name={person?.givenName ?? ''} work={await listWork(desk)} days={days} />
    </DeskFrame>
  );
}
