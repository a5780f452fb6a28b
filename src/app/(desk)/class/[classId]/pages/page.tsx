import { notFound } from 'next/navigation';
import { PageList } from '@/components/pages/PageList';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybePages } from '@/server/views/pages/viewPages';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function PagesPage({ params }: InClass) {
  const desk = await requireDeskIn(params);
  const pages = await maybePages(desk);
  if (!pages) notFound();
  return (
    <DeskFrame desk={desk} current="pages">
      <PageList {...pages} />
    </DeskFrame>
  );
}
