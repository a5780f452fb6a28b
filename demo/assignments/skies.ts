import { instructionsFrom } from '../../src/core/assignments/lessonText';
import { level, type DemoAssignment } from './demoAssignment';

export const SKIES: DemoAssignment = {
  key: 'skies',
  setBefore: 8,
  dueIn: 2,
  fields: {
    number: 2,
    title: 'Three skies',
    instructions: instructionsFrom(
      'Look up on three different days and write down what is there before you look anything up. Use words that a blind person could see the sky with.\n\nThen say what kind of cloud it was and what it did next. Two of your three skies need a picture.',
    ),
    model: null,
    starters: [
      { when: 'To begin', starters: ['On Monday the sky was …', 'The first thing I saw was …'] },
      { when: 'To look closer', starters: ['I noticed that …', 'What surprised me was …'] },
      { when: 'To say what it meant', starters: ['It’s a sign that …', 'This made me predict …'] },
    ],
    outline: [],
    requirements: [
      {
        id: 'words',
        kind: 'words',
        weight: 'required',
        points: 4,
        partial: true,
        min: 120,
        max: 260,
        tolerance: 5,
      },
      {
        id: 'pictures',
        kind: 'pictures',
        weight: 'required',
        points: 3,
        partial: true,
        min: 2,
        credit: true,
        description: true,
        distinct: true,
      },
      { id: 'links', kind: 'links', weight: 'required', points: 1, min: 1, descriptiveText: true },
      {
        id: 'labels',
        kind: 'labels',
        weight: 'required',
        points: 1,
        allOf: ['three-skies'],
        oneOf: [['cirrus', 'cumulus', 'stratus']],
      },
      { id: 'title', kind: 'title', weight: 'required', points: 1, startsWith: '{number} ·' },
      {
        id: 'third',
        kind: 'pictures',
        weight: 'bonus',
        points: 2,
        min: 3,
        text: 'A picture of the third sky as well',
      },
    ],
    rubric: [
      {
        id: 'noticing',
        name: 'Noticing',
        weight: 2,
        levels: [
          level(1, 'names it'),
          level(2, 'one detail'),
          level(3, 'several senses'),
          level(4, 'shows it'),
        ],
      },
      {
        id: 'explaining',
        name: 'Explaining',
        weight: 2,
        levels: [
          level(1, 'not yet'),
          level(2, 'names the cloud'),
          level(3, 'why it forms'),
          level(4, 'why it changed'),
        ],
      },
      {
        id: 'readers',
        name: 'Writing for readers',
        weight: 1,
        levels: [
          level(1, 'Hard going'),
          level(2, 'Clear'),
          level(3, 'Pulls you along'),
          level(4, 'Hard to stop'),
        ],
      },
    ],
    lateRule: { kind: 'percent', perDay: 10, graceMinutes: 15, floorPercent: 50, lastDays: 7 },
    audience: 'everyone',
    release: 'accepted',
    missing: 'warns',
    draftsOpen: false,
    pictureWidth: 100,
  },
};
