import { notFound } from 'next/navigation';
import { GradebookPage } from '@/components/gradebook/GradebookPage';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeGradebook } from '@/server/views/gradebook/viewGradebook';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function ClassGradebookPage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const book = await maybeGradebook(desk);
  if (!book) notFound();
  return (
    <DeskFrame desk={desk} current="gradebook" className="desk">
      <GradebookPage book={JSON.stringify(book)} />
    </DeskFrame>
  );
}
