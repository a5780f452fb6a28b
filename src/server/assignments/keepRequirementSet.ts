import { dropRequirementSet as dropRequirementSetDeed } from '../../contract/assignments/dropRequirementSet';
import { keepRequirementSet as keepRequirementSetDeed } from '../../contract/assignments/keepRequirementSet';
import { done, refused } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { newId } from '../database/newId';
import { deleteRequirementSet, insertRequirementSet } from './requirementSets';

export const keepRequirementSet = classUseCase(keepRequirementSetDeed, {
  async run({ title, requirements, shared }, _, { database, personId, now }) {
    const id = newId();
    await insertRequirementSet(database, { id, ownerId: personId, title, requirements, shared, at: now });
    return done({ setId: id });
  },
});

export const dropRequirementSet = classUseCase(dropRequirementSetDeed, {
  async run({ setId }, _, { database, personId }) {
    const dropped = await deleteRequirementSet(database, { id: setId, ownerId: personId });
    return dropped === 1 ? done({}) : refused('assignment.notYourSet');
  },
});
