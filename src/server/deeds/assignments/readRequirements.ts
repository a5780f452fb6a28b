import { readRequirements as deed } from '../../../contract/assignments/readRequirements';
import { may } from '../../../core/access/may';
import { findActor } from '../../ground/access/roles';
import { done, NOT_THERE } from '../../ground/access/useCase';
import { findAssignment } from '../../tables/assignments';
import { findSetRequirements } from '../../tables/requirementSets';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const readRequirements = assignmentUseCase(deed, {
  async run({ from, id }, _, { database, personId, now }) {
    if (from === 'set') {
      const requirements = await findSetRequirements(database, { id, teacherId: personId });
      return requirements ? done({ requirements }) : NOT_THERE;
    }
    const other = await findAssignment(database, id, now);
    const actor = other && (await findActor(database, other.classId, personId));
    if (!other || !actor || !may(actor, 'assignment.change', { assignmentIsSet: other.setAt !== null }))
      return NOT_THERE;
    return done({ requirements: other.requirements });
  },
});
