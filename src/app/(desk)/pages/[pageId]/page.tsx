import { notFound } from 'next/navigation';
import { PageDesk } from '@/components/pages/PageDesk';
import { requireDesk } from '@/server/http/desk';
import { maybePageDesk } from '@/server/pages/viewPages';
import { DeskFrame } from '../../DeskFrame';

export default async function PageDeskPage({ params }: { readonly params: Promise<{ pageId: string }> }) {
  const { pageId } = await params;
  const desk = await requireDesk();
  const found = await maybePageDesk(desk, pageId);
  if (!found) notFound();
  return (
    <DeskFrame desk={desk} current="pages" className="desk">
      <PageDesk key={pageId} {...found} />
    </DeskFrame>
  );
}
