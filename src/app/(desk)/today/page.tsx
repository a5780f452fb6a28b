import { StudentToday } from '@/components/today/StudentToday';
import { TeacherToday } from '@/components/today/TeacherToday';
import { requireSession, requireWorkingDesks } from '@/server/http/desk';
import { listPeerToRead } from '@/server/views/peerReading/listPeerToRead';
import { countQuestions, listAnsweredLately } from '@/server/views/questions/viewQuestions';
import { listToRead } from '@/server/views/today/listToRead';
import { awayNow } from '@/server/views/today/awayNow';
import { listEveryWork } from '@/server/views/today/listWork';
import { maybeTeacherToday } from '@/server/views/today/viewTeacherToday';
import { weekAround } from '@/server/views/today/week';
import { countWorriesWaiting, listLatelyTold } from '@/server/views/worries/viewWorries';
import { DeskFrame } from '../DeskFrame';

export default async function TodayPage() {
  const desks = await requireWorkingDesks();
  const [desk] = desks;
  const teacher = await maybeTeacherToday(desks);
  if (teacher)
    return (
      <DeskFrame desk={desk} current="today">
        <TeacherToday
          {...teacher}
          worries={await countWorriesWaiting(desk.personId)}
          questions={await countQuestions(desks)}
        />
      </DeskFrame>
    );
  const { person, language } = await requireSession();
  const days = weekAround(desk.now, desk.place, desk.inClass.year);
  return (
    <DeskFrame desk={desk} current="today">
      <StudentToday
        name={person.givenName}
        groups={await listEveryWork(desks)}
        days={days}
        awayUntil={await awayNow(desk)}
        answered={await listAnsweredLately(desk.personId)}
        toRead={await listToRead(desks)}
        peerToRead={await listPeerToRead(desks)}
        told={await listLatelyTold({ personId: desk.personId, language, now: desk.now })}
      />
    </DeskFrame>
  );
}
