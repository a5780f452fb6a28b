import { removeSource as deed } from '../../../contract/assignments/removeSource';
import { done } from '../../ground/access/useCase';
import { deleteSource } from '../../tables/givenSources';
import { taughtSiblings } from '../assignments/taughtSiblings';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const removeSource = assignmentUseCase(deed, {
  async run({ assignmentId, sourceId }, { assignment }, { database, personId, now }) {
    await deleteSource(database, { id: sourceId, assignmentId });
    for (const sibling of await taughtSiblings(database, assignment, { personId, now }))
      await deleteSource(database, { id: sourceId, assignmentId: sibling.assignment.id });
    return done(null);
  },
});
