import { notFound } from 'next/navigation';
import { BookFiles } from '@/components/gradebook/BookFiles';
import { GradebookBusy } from '@/components/gradebook/GradebookBusy';
import { GradebookPage } from '@/components/gradebook/GradebookPage';
import { TermTabs } from '@/components/terms/TermTabs';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeGradebookInTime } from '@/server/views/gradebook/viewGradebook';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function ClassGradebookPage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const book = await maybeGradebookInTime(desk);
  if (!book) notFound();
  return (
    <DeskFrame desk={desk} current="gradebook" className="desk">
      {book === 'busy' ? (
        <GradebookBusy />
      ) : (
        <>
          <TermTabs classId={book.classId} tabs={book.tabs} current={null}>
            <BookFiles classId={book.classId} mayChange={book.mayChange} />
          </TermTabs>
          <GradebookPage book={JSON.stringify(book)} />
        </>
      )}
    </DeskFrame>
  );
}
