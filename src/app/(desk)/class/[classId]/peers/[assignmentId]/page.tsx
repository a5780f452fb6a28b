import { notFound } from 'next/navigation';
import { PeerGroups } from '@/components/peerReading/PeerGroups';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybePeerGroups } from '@/server/views/peerReading/viewPeerGroups';
import { DeskFrame } from '@/app/(desk)/DeskFrame';

export default async function AssignmentPeersPage({ params }: InClass<'assignmentId'>) {
  const desk = await requireDeskIn(params);
  const shown = await maybePeerGroups((await params).assignmentId, desk);
  if (!shown) notFound();
  return (
    <DeskFrame desk={desk} current="assignments">
      <PeerGroups {...shown} />
    </DeskFrame>
  );
}
