import { MyWriting } from '@/components/today/MyWriting';
import { requireSession, requireWorkingDesks } from '@/server/http/desk';
import { listLeftWriting } from '@/server/views/writing/viewLeft';
import { listEveryWork } from '@/server/views/today/listWork';
import { DeskFrame } from '../DeskFrame';

export default async function WritingPage() {
  const desks = await requireWorkingDesks();
  const { language } = await requireSession();
  return (
    <DeskFrame desk={desks[0]} current="writing">
      <MyWriting
        groups={await listEveryWork(desks)}
        left={await listLeftWriting(desks[0].personId, language)}
      />
    </DeskFrame>
  );
}
