import { StudentToday } from '@/components/today/StudentToday';
import { TeacherToday } from '@/components/today/TeacherToday';
import { requireSession, requireWorkingDesks } from '@/server/http/desk';
import { listToRead } from '@/server/views/today/listToRead';
import { listEveryWork } from '@/server/views/today/listWork';
import { maybeTeacherToday } from '@/server/views/today/viewTeacherToday';
import { weekAround } from '@/server/views/today/week';
import { DeskFrame } from '../DeskFrame';

export default async function TodayPage() {
  const desks = await requireWorkingDesks();
  const [desk] = desks;
  const teacher = await maybeTeacherToday(desks);
  if (teacher)
    return (
      <DeskFrame desk={desk} current="today">
        <TeacherToday {...teacher} />
      </DeskFrame>
    );
  const { person } = await requireSession();
  const days = weekAround(desk.now, desk.place, desk.inClass.year);
  return (
    <DeskFrame desk={desk} current="today">
      <StudentToday
        name={person.givenName}
        groups={await listEveryWork(desks)}
        days={days}
        toRead={await listToRead(desks)}
      />
    </DeskFrame>
  );
}
