import { idSchema } from '../input/idSchema';
import type { Requirement } from '../../core/requirements/requirement';
import { requirementSchema } from '../../core/requirements/requirementSchema';
import { done, refused } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { newId } from '../database/newId';
import { deleteRequirementSet, insertRequirementSet } from './requirementSets';

interface KeepInput {
  readonly classId: string;
  readonly title: string;
  readonly requirements: readonly Requirement[];
  readonly shared: boolean;
}

/** Keeps requirements under a name, to be used again; shared ones by every teacher of the install. */
export const keepRequirementSet = classUseCase<KeepInput, { readonly setId: string }>({
  name: 'keepRequirementSet',
  action: 'assignment.make',
  fields: {
    title: { type: 'string', minLength: 1, maxLength: 120 },
    requirements: { type: 'array', minItems: 1, maxItems: 40, items: requirementSchema },
    shared: { type: 'boolean' },
  },
  async run({ title, requirements, shared }, _, { database, personId, now }) {
    const id = newId();
    await insertRequirementSet(database, { id, ownerId: personId, title, requirements, shared, at: now });
    return done({ setId: id });
  },
});

/** Lets go of a set of one's own; assignments that were made with it keep their requirements. */
export const dropRequirementSet = classUseCase<{ readonly classId: string; readonly setId: string }, object>({
  name: 'dropRequirementSet',
  action: 'assignment.make',
  fields: { setId: idSchema },
  async run({ setId }, _, { database, personId }) {
    const dropped = await deleteRequirementSet(database, { id: setId, ownerId: personId });
    return dropped === 1 ? done({}) : refused('assignment.notYourSet');
  },
});
