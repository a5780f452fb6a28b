import { notFound } from 'next/navigation';
import { PageList } from '@/components/pages/PageList';
import { requireDesk } from '@/server/http/desk';
import { maybePages } from '@/server/pages/viewPages';
import { DeskFrame } from '../DeskFrame';

export default async function PagesPage() {
  const desk = await requireDesk();
  const pages = await maybePages(desk);
  if (!pages) notFound();
  return (
    <DeskFrame desk={desk} current="pages">
      <PageList {...pages} />
    </DeskFrame>
  );
}
