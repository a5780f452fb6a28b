import { notFound } from 'next/navigation';
import { Compose } from '@/components/compose/Compose';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeCompose } from '@/server/views/writing/viewCompose';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function ComposePage({ params }: InClass<'postId'>) {
  const { postId } = await params;
  const desk = await requireDeskIn(params);
  const compose = await maybeCompose(postId, desk);
  if (!compose) notFound();
  return (
    <DeskFrame
      desk={desk}
      current={compose.typing?.mine ? 'assignments' : 'writing'}
      className="desk writing"
    >
      <Compose key={postId} {...compose} />
    </DeskFrame>
  );
}
