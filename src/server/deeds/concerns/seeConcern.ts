import { seeConcern as deed } from '../../../contract/concerns/seeConcern';
import { done, NOT_THERE } from '../../ground/access/useCase';
import { markCaseSeen } from '../../tables/cases';
import { classUseCase } from '../subjects/classUseCase';

export const seeConcern = classUseCase(deed, {
  async run({ classId, concernId }, _, { database, personId, now }) {
    return (await markCaseSeen(database, { id: concernId, classId, by: personId, at: now })) > 0
      ? done(null)
      : NOT_THERE;
  },
});
