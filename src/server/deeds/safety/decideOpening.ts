import { decideOpening as deed } from '../../../contract/safety/decideOpening';
import { writeAuditLine } from '../../ground/access/auditLog';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { lockOpening, updateDecision } from '../../tables/openings';
import { installUseCase } from '../subjects/installUseCase';

/** For how many days the two who opened a draft may read it. */
const OPEN_DAYS = 7;

export const decideOpening = installUseCase(deed, {
  async run({ openingId, agree, tellWriter }, { database, personId, now }) {
    const opening = await lockOpening(database, openingId);
    if (!opening) return NOT_THERE;
    if (opening.decidedAt) return refused('safety.decided');
    if (opening.askedBy === personId) return refused('safety.needsTwo');
    // Keeping it quiet needs the teacher's reason for it.
    if (agree && !tellWriter && opening.harm === '') return refused('safety.tellUnlessHarm', 'tellWriter');
    await updateDecision(database, {
      id: openingId,
      by: personId,
      at: now,
      agreed: agree,
      harm: tellWriter ? '' : opening.harm,
      endsAt: agree ? new Date(now.getTime() + OPEN_DAYS * 86_400_000) : null,
    });
    // The class's own log has it too, for all who teach there.
    await writeAuditLine(database, {
      useCase: agree ? 'agreeToOpen' : 'declineToOpen',
      found: { classId: opening.classId, subjectId: opening.postId },
      personId,
      now,
    });
    return done(null);
  },
});
