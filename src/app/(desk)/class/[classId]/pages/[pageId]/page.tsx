import { notFound } from 'next/navigation';
import { PageDesk } from '@/components/pages/PageDesk';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybePageDesk } from '@/server/views/pages/viewPages';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function PageDeskPage({ params }: InClass<'pageId'>) {
  const { pageId } = await params;
  const desk = await requireDeskIn(params);
  const found = await maybePageDesk(desk, pageId);
  if (!found) notFound();
  return (
    <DeskFrame desk={desk} current="pages" className="desk">
      <PageDesk key={pageId} {...found} />
    </DeskFrame>
  );
}
