import { dropColumn as deed } from '../../../contract/gradebook/dropColumn';
import { done, NOT_THERE } from '../../ground/access/useCase';
import { deleteOwnColumn } from '../../tables/ownColumns';
import { classUseCase } from '../subjects/classUseCase';

export const dropColumn = classUseCase(deed, {
  turn: true,
  async run({ classId, columnId }, _, { database }) {
    return (await deleteOwnColumn(database, classId, columnId)) > 0 ? done(null) : NOT_THERE;
  },
});
