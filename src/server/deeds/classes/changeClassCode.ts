import { changeClassCode as deed } from '../../../contract/classes/changeClassCode';
import { done } from '../../ground/access/useCase';
import { updateCode } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';
import { freeCode } from './makeClass';

export const changeClassCode = classUseCase(deed, {
  async run({ classId }, _, { database }) {
    const code = await freeCode(database);
    await updateCode(database, classId, code);
    return done({ code });
  },
});
