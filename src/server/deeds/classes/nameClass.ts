import { nameClass as deed } from '../../../contract/classes/nameClass';
import { done, refused } from '../../ground/access/useCase';
import { updateNames } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';

export const nameClass = classUseCase(deed, {
  async run({ classId, ...names }, _, { database }) {
    const [title, groupName, subtitle, schoolName] = [
      names.title.trim(),
      names.groupName.trim(),
      names.subtitle.trim(),
      names.schoolName.trim(),
    ];
    if (title === '') return refused('class.noTitle', 'title');
    await updateNames(database, { classId, title, groupName, subtitle, schoolName });
    return done(null);
  },
});
