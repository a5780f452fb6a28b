import { done, refused } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateNames } from './queries';
import { nameFields } from './settings';

interface Input {
  readonly classId: string;
  readonly title: string;
  readonly groupName: string;
  readonly subtitle: string;
  readonly schoolName: string;
}

/** Names a class: its title, the group it is for, the line under the title, the school. */
export const nameClass = classUseCase<Input, null>({
  name: 'nameClass',
  action: 'class.change',
  fields: nameFields,
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
