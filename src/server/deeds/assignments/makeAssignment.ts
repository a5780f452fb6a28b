import { makeAssignment as deed } from '../../../contract/assignments/makeAssignment';
import { narrower } from '../../../core/access/audience';
import { NO_INSTRUCTIONS } from '../../../core/assignments/lessonText';
import { done } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { FOR_ITSELF, insertAssignment, nextNumber } from '../../tables/assignments';
import { classUseCase } from '../subjects/classUseCase';

export const makeAssignment = classUseCase(deed, {
  // Its number is the next one.
  turn: true,
  async run({ classId }, inClass, { database, personId, now }) {
    const id = newId();
    const assignment = {
      id,
      classId,
      number: await nextNumber(database, classId),
      title: '',
      instructions: NO_INSTRUCTIONS,
      model: null,
      starters: [],
      outline: [],
      dueAt: null,
      requirements: [],
      rubric: [],
      lateRule: { kind: 'none', graceMinutes: 15 },
      audience: narrower('ourClass', inClass.ceiling),
      release: 'accepted',
      missing: 'warns',
      draftsOpen: false,
      hidesNames: false,
      pictureWidth: 100,
      growing: null,
      setAt: null,
      openedAt: null,
      version: 1,
      ...FOR_ITSELF,
    } as const;
    await insertAssignment(database, assignment, { by: personId, at: now });
    return done({ assignmentId: id });
  },
});
