import { notFound } from 'next/navigation';
import { QuestionsPage } from '@/components/questions/QuestionsPage';
import { requireDesks } from '@/server/http/desk';
import { maybeQuestions } from '@/server/views/questions/viewQuestions';
import { DeskFrame } from '../DeskFrame';

export default async function WaitingQuestionsPage() {
  const desks = await requireDesks();
  const questions = await maybeQuestions(desks);
  if (!questions) notFound();
  return (
    <DeskFrame desk={desks[0]} current="pile" className="desk">
      <QuestionsPage {...questions} />
    </DeskFrame>
  );
}
