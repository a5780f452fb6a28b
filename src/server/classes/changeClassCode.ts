import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { freeCode } from './makeClass';
import { updateCode } from './queries';

/** Gives a class another code. Whoever is signed in stays so, and every passcode stays as it is. */
export const changeClassCode = classUseCase<{ readonly classId: string }, { readonly code: string }>({
  name: 'changeClassCode',
  action: 'class.change',
  async run({ classId }, _, { database }) {
    const code = await freeCode(database);
    await updateCode(database, classId, code);
    return done({ code });
  },
});
