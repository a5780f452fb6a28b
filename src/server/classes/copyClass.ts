import { done } from '../access/useCase';
import { copyAssignments } from '../assignments/copyAssignments';
import { copyLabels } from '../labels/queries';
import { copyPages } from '../pages/copyPages';
import { classUseCase } from './classUseCase';
import { insertOwnClass } from './makeClass';
import {
  updateCopied,
  updateDesk,
  updateLook,
  updatePrivacy,
  updateSignIn,
  updateWords,
  updateYear,
} from './queries';
import { nameFields } from './settings';

interface Input {
  readonly classId: string;
  readonly title: string;
  readonly groupName: string;
}

/**
 * Copies a class into a new year: its settings, look, labels, the pages that teachers wrote, shown to nobody, and its assignments,
 * not set and without dates. No people but the teacher who copies, no posts, no term dates of a year that is over.
 */
export const copyClass = classUseCase<Input, { readonly classId: string }>({
  name: 'copyClass',
  action: 'class.change',
  whileResting: true,
  fields: { title: nameFields.title, groupName: nameFields.groupName },
  async run({ title, groupName }, from, context) {
    const { database, now, personId } = context;
    const { timeZone, language, subtitle, schoolName, year } = from;
    const names = { title: title.trim() || from.title, groupName: groupName.trim() };
    const classId = await insertOwnClass(context, {
      ...names,
      timeZone,
      language,
      subtitle,
      schoolName,
    });
    await updateCopied(database, classId, from.id);
    await updateYear(database, {
      classId,
      timeZone,
      language,
      terms: [],
      holidays: [],
      schoolDays: year.schoolDays,
    });
    await updatePrivacy(database, { ...from, classId });
    await updateSignIn(database, { ...from, classId });
    await updateLook(database, classId, from);
    await updateDesk(database, classId, from.desk);
    await updateWords(database, classId, from.words);
    await copyLabels(database, from.id, classId);
    await copyAssignments(database, { from: from.id, to: classId, by: personId, at: now });
    await copyPages(database, { from: from.id, to: classId, by: personId, at: now });
    return done({ classId });
  },
});
