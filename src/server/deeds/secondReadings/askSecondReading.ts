import { randomInt } from 'node:crypto';
import { askSecondReading as deed } from '../../../contract/secondReadings/askSecondReading';
import { chosenForSecond } from '../../../core/grading/secondReading';
import { done, refused } from '../../ground/access/useCase';
import { listMembers } from '../../tables/memberships';
import { insertSecondReadings } from '../../tables/secondReadings';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { canReadSecond, candidatesFor } from './candidates';

export const askSecondReading = assignmentUseCase(deed, {
  turn: true,
  async run({ readerId, which }, { assignment, inClass }, { database, personId, now }) {
    if (assignment.rubric.length === 0) return refused('review.noRubric');
    const reader = (await listMembers(database, inClass.id)).find((one) => one.personId === readerId);
    if (!reader || readerId === personId || !canReadSecond(reader.role))
      return refused('review.noSecondReader', 'readerId');
    const candidates = await candidatesFor(database, { assignment, inClass, readerId });
    const postIds = chosenForSecond(candidates, which, (below) => randomInt(below));
    if (postIds.length === 0) return refused('review.nothingToReadTwice', 'which');
    const asked = await insertSecondReadings(database, { postIds, readerId, by: personId, at: now });
    return done({ asked });
  },
});
