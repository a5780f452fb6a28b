import { chooseSignIn as deed } from '../../contract/classes/chooseSignIn';
import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateSignIn } from './queries';

export const chooseSignIn = classUseCase(deed, {
  async run(input, _, { database }) {
    await updateSignIn(database, input);
    return done(null);
  },
});
