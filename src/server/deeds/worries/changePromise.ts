import { changePromise as deed } from '../../../contract/worries/changePromise';
import { done } from '../../ground/access/useCase';
import { updatePromise } from '../../tables/schoolRules';
import { schoolUseCase } from '../subjects/schoolUseCase';

export const changePromise = schoolUseCase(deed, async ({ minutes, help }, { database }) => {
  await updatePromise(database, { minutes, help: help.trim() });
  return done(null);
});
