import { changeClassCode as deed } from '../../contract/classes/changeClassCode';
import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { freeCode } from './makeClass';
import { updateCode } from './queries';

export const changeClassCode = classUseCase(deed, {
  async run({ classId }, _, { database }) {
    const code = await freeCode(database);
    await updateCode(database, classId, code);
    return done({ code });
  },
});
