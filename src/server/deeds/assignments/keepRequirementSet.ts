import { dropRequirementSet as dropRequirementSetDeed } from '../../../contract/assignments/dropRequirementSet';
import { keepRequirementSet as keepRequirementSetDeed } from '../../../contract/assignments/keepRequirementSet';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { deleteRequirementSet, insertRequirementSet } from '../../tables/requirementSets';
import { classUseCase } from '../subjects/classUseCase';

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
