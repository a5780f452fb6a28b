import { dropSecondReading as deed } from '../../../contract/secondReadings/dropSecondReading';
import { done } from '../../ground/access/useCase';
import { deleteSecondJudgements } from '../../tables/judgements';
import { deleteSecondReadings, lockOpenSecondReadings } from '../../tables/secondReadings';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const dropSecondReading = assignmentUseCase(deed, {
  turn: true,
  async run(_, { assignment }, { database }) {
    // Whoever judges at this moment is waited for, and their word goes too.
    const postIds = await lockOpenSecondReadings(database, assignment.id);
    // What they judged so far counts nowhere: without the second reading it would count as anybody's.
    await deleteSecondJudgements(database, postIds);
    return done({ dropped: await deleteSecondReadings(database, postIds) });
  },
});
