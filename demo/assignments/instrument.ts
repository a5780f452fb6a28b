import { instructionsFrom } from '../../src/core/assignments/lessonText';
import { level, type DemoAssignment } from './demoAssignment';

export const INSTRUMENT: DemoAssignment = {
  key: 'instrument',
  setBefore: 24,
  dueIn: -10,
  fields: {
    number: 1,
    title: 'How an instrument works',
    instructions: instructionsFrom(
      'Choose one instrument that measures the weather, bought or made by you. Explain in numbered steps how it works, so that somebody in another class could build or read one.\n\nShow it in at least one picture, and link to one place where a reader can find out more.',
    ),
    model: null,
    starters: [],
    outline: [],
    requirements: [
      {
        id: 'words',
        kind: 'words',
        weight: 'required',
        points: 2,
        partial: true,
        min: 80,
        max: 300,
        tolerance: 5,
      },
      { id: 'title', kind: 'title', weight: 'required', points: 1, startsWith: '{number} ·' },
      {
        id: 'pictures',
        kind: 'pictures',
        weight: 'required',
        points: 2,
        partial: true,
        min: 1,
        credit: true,
        description: true,
      },
      { id: 'links', kind: 'links', weight: 'required', points: 1, min: 1, descriptiveText: true },
      { id: 'labels', kind: 'labels', weight: 'required', points: 1, allOf: ['how-it-works'] },
    ],
    rubric: [
      {
        id: 'steps',
        name: 'Steps',
        weight: 2,
        levels: [
          level(1, 'hard to follow'),
          level(2, 'in order'),
          level(3, 'nothing is missing'),
          level(4, 'I could build it'),
        ],
      },
      {
        id: 'why',
        name: 'Saying why',
        weight: 1,
        levels: [level(0, 'not there'), level(2, 'says that it works'), level(4, 'says why it works')],
      },
    ],
    lateRule: { kind: 'points', perDay: 1, graceMinutes: 15, floorPercent: 50, schoolDaysOnly: true },
    audience: 'everyone',
    release: 'accepted',
    missing: 'warns',
    draftsOpen: false,
    hidesNames: false,
    pictureWidth: 100,
  },
};
