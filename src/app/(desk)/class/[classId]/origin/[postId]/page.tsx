import { notFound } from 'next/navigation';
import { Origin } from '@/components/origin/Origin';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeOrigin } from '@/server/views/origin/viewOrigin';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function OriginPage({ params }: InClass<'postId'>) {
  const desk = await requireDeskIn(params);
  const origin = await maybeOrigin((await params).postId, desk);
  if (!origin) notFound();
  return (
    <DeskFrame desk={desk} current={origin.own ? 'writing' : 'pile'} className="desk">
      <Origin {...origin} />
    </DeskFrame>
  );
}
