import { instructionsFrom } from '../../src/core/assignments/lessonText';
import { level, type DemoAssignment } from './demoAssignment';

export const LOG: DemoAssignment = {
  key: 'log',
  setBefore: 20,
  dueIn: 24,
  growing: {
    startIn: -16,
    milestones: [
      { in: 3, entries: 10 },
      { in: 14, entries: 20 },
    ],
  },
  fields: {
    number: 5,
    title: 'Daily sky log',
    instructions: instructionsFrom(
      'Look up once a day, at about the same time, and write two or three sentences: what is there, which way it goes, and one thing that you did not expect.\n\nHand it in as soon as you have begun, and again whenever you like. It need not be finished until the last day.',
    ),
    model: null,
    starters: [
      {
        when: 'When nothing happens',
        starters: ['The only thing that moved was …', 'Compared with yesterday …'],
      },
    ],
    outline: [],
    requirements: [
      {
        id: 'entries',
        kind: 'entries',
        weight: 'required',
        points: 6,
        partial: true,
        min: 24,
        title: true,
        minWords: 8,
        sequential: true,
      },
      {
        id: 'pictures',
        kind: 'pictures',
        weight: 'required',
        points: 2,
        partial: true,
        min: 4,
        credit: true,
        description: true,
      },
      { id: 'labels', kind: 'labels', weight: 'required', points: 1, allOf: ['sky-log'] },
      { id: 'measured', kind: 'table', weight: 'bonus', points: 2, min: 1, minRows: 5 },
    ],
    rubric: [
      {
        id: 'looking',
        name: 'Looking',
        weight: 1,
        levels: [level(1, 'says the weather'), level(3, 'says what is seen'), level(5, 'sees what changes')],
      },
    ],
    lateRule: { kind: 'none', graceMinutes: 15 },
    audience: 'ourClass',
    release: 'handIn',
    missing: 'warns',
    draftsOpen: false,
    hidesNames: false,
    pictureWidth: 50,
  },
};
