import { leaveLine as deed } from '../../../contract/classes/leaveLine';
import { done } from '../../ground/access/useCase';
import { keepLeftLine } from '../../tables/leftLines';
import { classUseCase } from '../subjects/classUseCase';

export const leaveLine = classUseCase(deed, {
  async run({ classId, words }, _, { database, personId, now }) {
    // The line is one person's own: whichever of their pages wrote last is right.
    return done({ version: await keepLeftLine(database, { classId, personId, words, at: now }) });
  },
});
