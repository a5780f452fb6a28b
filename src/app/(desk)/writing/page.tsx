import { MyWriting } from '@/components/today/MyWriting';
import { requireWorkingDesk } from '@/server/http/desk';
import { listLeftWriting } from '@/server/posts/viewLeft';
import { listEveryWork } from '@/server/today/listWork';
import { DeskFrame } from '../DeskFrame';

export default async function WritingPage() {
  const desk = await requireWorkingDesk();
  return (
    <DeskFrame desk={desk} current="writing">
      <MyWriting groups={await listEveryWork(desk)} left={await listLeftWriting(desk.personId)} />
    </DeskFrame>
  );
}
