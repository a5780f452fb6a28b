import { notFound } from 'next/navigation';
import { BookPrint } from '@/components/gradebook/BookPrint';
import { GradebookBusy } from '@/components/gradebook/GradebookBusy';
import { dateInWords } from '@/core/timing/inWords';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeGradebookInTime } from '@/server/views/gradebook/viewGradebook';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function GradebookPrintPage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const book = await maybeGradebookInTime(desk);
  if (!book) notFound();
  const { inClass, now, place } = desk;
  return (
    <DeskFrame desk={desk} current="gradebook">
      {book === 'busy' ? (
        <GradebookBusy />
      ) : (
        <BookPrint
          book={book}
          inClass={[inClass.groupName, inClass.title].filter(Boolean).join(', ')}
          when={dateInWords(now.getTime(), place.timeZone, place.language)}
        />
      )}
    </DeskFrame>
  );
}
