import { putAwayAssignment as deed } from '../../../contract/assignments/putAwayAssignment';
import { done, refused } from '../../ground/access/useCase';
import { updatePutAway } from '../../tables/assignmentEndings';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const putAwayAssignment = assignmentUseCase(deed, {
  async run({ assignmentId, away }, { assignment }, { database, now }) {
    // A series goes on by itself; it is ended instead.
    if (away && assignment.series) return refused('assignment.endSeriesFirst');
    if (away !== (assignment.putAwayAt !== null))
      await updatePutAway(database, assignmentId, away ? now : null);
    return done(null, { before: null, after: away ? 'away' : 'out' });
  },
});
