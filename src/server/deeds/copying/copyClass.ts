import { copyClass as deed } from '../../../contract/classes/copyClass';
import { done } from '../../ground/access/useCase';
import { copyLabels } from '../../tables/labels';
import {
  updateAwayRule,
  updateCommentRules,
  updateCopied,
  updateDesk,
  updateLook,
  updatePrivacy,
  updateSignIn,
  updateWords,
  updateYear,
} from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';
import { insertOwnClass } from '../classes/makeClass';
import { copyAssignments } from './copyAssignments';
import { copyGradebook } from './copyGradebook';
import { copyPages } from './copyPages';

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
    // Who may read is decided anew by whoever knows the new class.
    await updatePrivacy(database, {
      ...from,
      classId,
      ceiling: 'ourClass',
      searchEngines: false,
      editorsRead: false,
      originSince: null,
    });
    await updateSignIn(database, { ...from, classId });
    await updateLook(database, classId, from);
    await updateDesk(database, classId, from.desk);
    await updateAwayRule(database, classId, from.away);
    await updateCommentRules(database, classId, from.comments);
    await updateWords(database, classId, from.words);
    await copyLabels(database, from.id, classId);
    const assignments = await copyAssignments(database, {
      ...{ from: from.id, to: classId, by: personId, at: now },
    });
    await copyGradebook(database, { from: from.id, to: classId, assignments });
    await copyPages(database, { from: from.id, to: classId, by: personId, at: now });
    return done({ classId });
  },
});
