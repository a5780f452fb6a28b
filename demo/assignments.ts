import { instructionsFrom } from '../src/core/assignments/lessonText';
import type { AssignmentSettings } from '../src/core/assignments/assignmentSettings';

/** An assignment of the demo class. Days are counted from today; `setBefore` null is one that is not set yet. */
export interface DemoAssignment {
  readonly key: string;
  readonly setBefore: number | null;
  readonly dueIn: number;
  readonly fields: Omit<AssignmentSettings, 'growing'>;
  /** How a post of it grows; days are counted from today. */
  readonly growing?: {
    readonly startIn: number;
    readonly milestones: readonly { readonly in: number; readonly entries: number }[];
  };
}

const level = (points: number, description: string) => ({ points, description });

export const ASSIGNMENTS: readonly DemoAssignment[] = [
  {
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
      pictureWidth: 100,
    },
  },
  {
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
  },
  {
    key: 'sayings',
    setBefore: 15,
    dueIn: -1,
    fields: {
      number: 3,
      title: 'Weather sayings: true or not?',
      instructions: instructionsFrom(
        'Take one saying about the weather from your family, a book or a fisherman. Find evidence for it and against it, and decide.\n\nLink to at least two different places. An old diary counts as a place.',
      ),
      model: null,
      starters: [],
      outline: [],
      requirements: [
        {
          id: 'words',
          kind: 'words',
          weight: 'required',
          points: 3,
          partial: true,
          min: 90,
          max: 250,
          tolerance: 5,
        },
        {
          id: 'links',
          kind: 'links',
          weight: 'required',
          points: 4,
          partial: true,
          min: 2,
          differentSites: 2,
          descriptiveText: true,
        },
        { id: 'labels', kind: 'labels', weight: 'required', points: 1, allOf: ['weather-sayings'] },
        { id: 'title', kind: 'title', weight: 'advice', maxCharacters: 60 },
      ],
      rubric: [
        {
          id: 'evidence',
          name: 'Evidence',
          weight: 2,
          levels: [level(0, 'none'), level(2, 'one side'), level(4, 'both sides'), level(6, 'weighs them')],
        },
      ],
      lateRule: { kind: 'points', perDay: 1, graceMinutes: 15, floorPercent: 50 },
      audience: 'everyone',
      release: 'opened',
      missing: 'warns',
      draftsOpen: false,
      pictureWidth: 100,
    },
  },
  {
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
          levels: [
            level(1, 'says the weather'),
            level(3, 'says what is seen'),
            level(5, 'sees what changes'),
          ],
        },
      ],
      lateRule: { kind: 'none', graceMinutes: 15 },
      audience: 'ourClass',
      release: 'handIn',
      missing: 'warns',
      draftsOpen: false,
      pictureWidth: 50,
    },
  },
  {
    key: 'storm',
    setBefore: null,
    dueIn: 12,
    fields: {
      number: 4,
      title: 'Storm interview',
      instructions: instructionsFrom(
        'Ask someone older than you about a storm that they still remember. Write down their words before you tidy them.\n\nThen tell it so that a reader who wasn’t there can hear the wind.',
      ),
      model: null,
      starters: [],
      outline: [],
      requirements: [
        {
          id: 'words',
          kind: 'words',
          weight: 'required',
          points: 4,
          partial: true,
          min: 250,
          max: 450,
          tolerance: 5,
        },
        {
          id: 'pictures',
          kind: 'pictures',
          weight: 'required',
          points: 2,
          min: 1,
          max: 2,
          credit: true,
          description: true,
        },
        { id: 'title', kind: 'title', weight: 'required', points: 1, startsWith: '{number} ·' },
        {
          id: 'labels',
          kind: 'labels',
          weight: 'required',
          points: 1,
          allOf: ['storm'],
          oneOf: [['harbour', 'farm', 'town', 'sea']],
        },
        { id: 'said', kind: 'quotations', weight: 'required', points: 1, min: 1, source: true },
        {
          id: 'wind',
          kind: 'judged',
          weight: 'required',
          points: 2,
          partial: true,
          text: 'lets a reader hear the wind',
        },
        { id: 'aloud', kind: 'selfCheck', weight: 'required', points: 0, text: 'I read it aloud' },
      ],
      rubric: [
        {
          id: 'asking',
          name: 'Asking',
          weight: 1,
          levels: [
            level(2, 'yes or no questions'),
            level(4, 'asks what happened'),
            level(6, 'asks what it felt like'),
            level(8, 'follows up on what was said'),
          ],
        },
        {
          id: 'telling',
          name: 'Telling it',
          weight: 1,
          levels: [
            level(2, 'hard to follow'),
            level(4, 'clear and in order'),
            level(6, 'the voice comes through'),
            level(8, 'a reader hears the wind'),
          ],
        },
      ],
      lateRule: {
        kind: 'points',
        perDay: 1,
        graceMinutes: 15,
        floorPercent: 50,
        lastDays: 5,
        schoolDaysOnly: true,
      },
      audience: 'ourClass',
      release: 'accepted',
      missing: 'stops',
      draftsOpen: false,
      pictureWidth: 100,
    },
  },
];

export const CLASS_LABELS = [
  'three-skies',
  'cirrus',
  'cumulus',
  'stratus',
  'how-it-works',
  'weather-sayings',
  'sky-log',
  'storm',
  'harbour',
  'farm',
  'town',
  'sea',
  'wind',
  'rain',
  'ice',
];
