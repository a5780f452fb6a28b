import { unsetAssignment as deed } from '../../../contract/assignments/unsetAssignment';
import { done, refused } from '../../ground/access/useCase';
import { markUnset } from '../../tables/assignmentEndings';
import { countBegun } from '../../tables/postsOfClass';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { taughtSiblings } from './taughtSiblings';

export const unsetAssignment = assignmentUseCase(deed, {
  async run(_, { assignment }, { database, personId, now }) {
    if (!assignment.setAt) return refused('assignment.notSet');
    const siblings = await taughtSiblings(database, assignment, { personId, now });
    const ids = [assignment.id, ...siblings.map((sibling) => sibling.assignment.id)];
    if ((await countBegun(database, ids)).size > 0) return refused('assignment.begun');
    // Whoever begins it at this moment is before it or after it, never beside it.
    for (const id of ids) if ((await markUnset(database, id)) === 0) return refused('assignment.begun');
    return done(null);
  },
});
