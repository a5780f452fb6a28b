import { openTerm as deed } from '../../../contract/gradebook/openTerm';
import { done, refused } from '../../ground/access/useCase';
import { deleteClosedTerm } from '../../tables/terms';
import { classUseCase } from '../subjects/classUseCase';

export const openTerm = classUseCase(deed, {
  turn: true,
  async run({ classId, term }, _, { database }) {
    const opened = await deleteClosedTerm(database, classId, term);
    return opened === 1 ? done(null) : refused('gradebook.termOpen');
  },
});
