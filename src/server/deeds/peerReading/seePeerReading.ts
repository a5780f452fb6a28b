import { seePeerReading as deed } from '../../../contract/peerReading/seePeerReading';
import { done } from '../../ground/access/useCase';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { standingOf } from './standingOf';

export const seePeerReading = assignmentUseCase(deed, {
  async run(_, facts, { database, personId, now }) {
    return done(await standingOf(database, facts, { personId, now }));
  },
});
