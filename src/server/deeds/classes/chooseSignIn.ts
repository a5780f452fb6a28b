import { chooseSignIn as deed } from '../../../contract/classes/chooseSignIn';
import { done } from '../../ground/access/useCase';
import { updateSignIn } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';

export const chooseSignIn = classUseCase(deed, {
  async run(input, _, { database }) {
    await updateSignIn(database, input);
    return done(null);
  },
});
