import { copyClass as deed } from '../../contract/classes/copyClass';
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

export const copyClass = classUseCase(deed, {
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
