import { dropSecondReading as deed } from '../../../contract/secondReadings/dropSecondReading';
import { done } from '../../ground/access/useCase';
import { deleteOpenSecondJudgements } from '../../tables/judgements';
import { deleteOpenSecondReadings } from '../../tables/secondReadings';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const dropSecondReading = assignmentUseCase(deed, {
  turn: true,
  async run(_, { assignment }, { database }) {
    // What they judged so far counts nowhere: without the second reading it would count as anybody's.
    await deleteOpenSecondJudgements(database, assignment.id);
    return done({ dropped: await deleteOpenSecondReadings(database, assignment.id) });
  },
});
