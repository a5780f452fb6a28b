import { notFound } from 'next/navigation';
import { PeerText } from '@/components/peerReading/PeerText';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybePeerText } from '@/server/views/peerReading/viewPeerText';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function PeerTextPage({ params }: InClass<'readingId'>) {
  const desk = await requireDeskIn(params);
  const shown = await maybePeerText((await params).readingId, desk);
  if (!shown) notFound();
  return (
    <DeskFrame desk={desk} current="today" className="desk">
      <PeerText {...shown} />
    </DeskFrame>
  );
}
