import { notFound } from 'next/navigation';
import { OwnSheet } from '@/components/sheets/OwnSheet';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeOwnSheet } from '@/server/views/gradebook/viewSheet';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function OwnFiguresPage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const sheet = await maybeOwnSheet(desk);
  if (!sheet) notFound();
  return (
    <DeskFrame desk={desk} current="figures">
      <OwnSheet {...sheet} />
    </DeskFrame>
  );
}
