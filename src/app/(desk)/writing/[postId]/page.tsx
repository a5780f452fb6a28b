import { notFound } from 'next/navigation';
import { Compose } from '@/components/editor/Compose';
import { requireDesk } from '@/server/http/desk';
import { maybeCompose } from '@/server/posts/viewCompose';
import { DeskFrame } from '../../DeskFrame';

export default async function ComposePage({ params }: { readonly params: Promise<{ postId: string }> }) {
  const { postId } = await params;
  const desk = await requireDesk();
  const compose = await maybeCompose(postId, desk);
  if (!compose) notFound();
  return (
    <DeskFrame desk={desk} current="writing" className="desk writing">
      <Compose key={postId} {...compose} />
    </DeskFrame>
  );
}
