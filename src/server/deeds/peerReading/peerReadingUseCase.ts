import type { Deed } from '../../../contract/deed';
import { serve, type UseCase, type WorkOn } from '../../ground/access/useCase';
import { findPeerReading, lockPeerReading, type PeerReadingFacts } from '../../tables/peerReadings';

interface OnPeerReading {
  readonly readingId: string;
}

/** Serves a deed that acts on what a classmate reads of a draft. */
export function peerReadingUseCase<Input extends OnPeerReading, Output, Prepared = unknown>(
  deed: Deed<Input, Output, 'peerReading'>,
  work: WorkOn<Input, PeerReadingFacts, Output, Prepared>,
): UseCase<Input, PeerReadingFacts, Output, Prepared> {
  return serve(
    deed,
    {
      async find({ readingId }, { database }) {
        await lockPeerReading(database, readingId);
        const reading = await findPeerReading(database, readingId);
        if (!reading) return null;
        const { classId, writerId, readerId: peerId } = reading;
        return { subject: { writerId, peerId }, classId, subjectId: reading.assignmentId, rows: reading };
      },
      async turnOf({ readingId }, database) {
        const reading = await findPeerReading(database, readingId);
        return reading ? [reading.classId] : [];
      },
    },
    work,
  );
}

/** Why nothing more is said about a text: its writer has handed in, or others read it by now; null while it goes on. */
export function whyOver({ stage, holds }: PeerReadingFacts): 'peer.handedIn' | 'peer.over' | null {
  if (!holds || stage === null) return 'peer.over';
  return stage === 'draft' ? null : 'peer.handedIn';
}
