import { MyWriting } from '@/components/today/MyWriting';
import { requireDesk } from '@/server/http/desk';
import { listWork } from '@/server/today/listWork';
import { DeskFrame } from '../DeskFrame';

export default async function WritingPage() {
  const desk = await requireDesk();
  return (
    <DeskFrame desk={desk} current="writing">
      <MyWriting work={await listWork(desk)} />
    </DeskFrame>
  );
}
