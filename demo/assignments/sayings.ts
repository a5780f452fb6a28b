import { instructionsFrom } from '../../src/core/assignments/lessonText';
import { level, type DemoAssignment } from './demoAssignment';

export const SAYINGS: DemoAssignment = {
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
    hidesNames: false,
    pictureWidth: 100,
  },
};
