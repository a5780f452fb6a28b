import { idSchema } from '../input/idSchema';
import { writeAuditLine } from '../access/auditLog';
import { done, NOT_THERE, refused } from '../access/useCase';
import { installUseCase } from '../administration/installUseCase';
import { lockOpening, updateDecision } from './queries';

interface Input {
  readonly openingId: string;
  readonly agree: boolean;
  /** Whether the writer is told. Where the teacher asked to keep it quiet, the administrator has the last word. */
  readonly tellWriter: boolean;
}

/** For how many days the two who opened a draft may read it. */
const OPEN_DAYS = 7;

/** Agrees to open a draft together with the teacher who asked, or declines. It takes two: nobody agrees with themselves. */
export const decideOpening = installUseCase<Input, null>({
  name: 'decideOpening',
  fields: {
    openingId: idSchema,
    agree: { type: 'boolean' },
    tellWriter: { type: 'boolean' },
  },
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
