import { describe, expect, test } from 'vitest';
import type { AssignmentSettings } from './assignmentSettings';
import { lacksToSet } from './lacksToSet';
import { instructionsFrom, NO_INSTRUCTIONS } from './lessonText';

const WHOLE: AssignmentSettings & { readonly isDue: boolean } = {
  number: 2,
  title: 'Three skies',
  instructions: instructionsFrom('Look up.'),
  model: null,
  starters: [],
  outline: [],
  requirements: [{ id: 'a', kind: 'words', weight: 'required', min: 40 }],
  rubric: [],
  lateRule: { kind: 'none', graceMinutes: 0 },
  audience: 'ourClass',
  release: 'accepted',
  missing: 'warns',
  draftsOpen: false,
  hidesNames: false,
  pictureWidth: 100,
  growing: null,
  isDue: true,
};
const bay = (kind: string, more: object = {}) => ({ id: kind, kind, weight: 'required', ...more }) as const;
const lacks = (more: object = {}, { dated = true, repeated = false } = {}) =>
  lacksToSet({ ...WHOLE, ...more }, { dated, repeated }).map(({ kind, at, stops }) => [kind, at, stops]);

test('nothing lacks, and no rubric is asked for', () => {
  expect(lacks()).toEqual([]);
});

test('all that lacks is said at once, what stops it first', () => {
  const nothing = { title: ' ', instructions: NO_INSTRUCTIONS, isDue: false, requirements: [] };
  expect(lacks(nothing)).toEqual([
    ['noTitle', 'title', true],
    ['noInstructions', 'instructions', true],
    ['noDue', 'due', true],
    ['noBays', 'requirements', false],
  ]);
  expect(lacks({ isDue: false }, { dated: false })).toEqual([]);
});

describe('a bay', () => {
  test.each([
    [bay('judged'), 'noWords'],
    [bay('selfCheck', { text: ' ' }), 'noWords'],
    [bay('words', { tolerance: 5 }), 'asksNothing'],
    [bay('parts', { headings: [], inOrder: true }), 'asksNothing'],
    [bay('labels', { points: 1 }), 'asksNothing'],
    [bay('pictures', { credit: false }), 'asksNothing'],
  ])('%j', (requirement, kind) => {
    const requirements = [...WHOLE.requirements, requirement];
    expect(lacks({ requirements })).toEqual([[kind, 'requirements.1', false]]);
  });

  test.each([
    bay('judged', { text: 'A sketch' }),
    bay('cover'),
    bay('teaser'),
    bay('labels', { allOf: ['storm'] }),
    bay('links', { opens: true }),
    bay('words', { min: 0 }),
  ])('%j lacks nothing', (requirement) => {
    expect(lacks({ requirements: [requirement] })).toEqual([]);
  });

  test('that asks for more at least than at most stops it', () => {
    const requirements = [bay('words', { min: 5, max: 4 })];
    expect(lacks({ requirements })).toEqual([['limitsCross', 'requirements.0', true]]);
  });
});

test('a level without words, a model without words or title', () => {
  const rubric = [
    {
      id: 'n',
      name: 'Noticing',
      weight: 1,
      levels: [
        { points: 1, description: 'names it' },
        { points: 2, description: '' },
      ],
    },
  ];
  expect(lacks({ rubric })).toEqual([['noLevelWords', 'rubric.0', false]]);
  expect(lacks({ model: { title: 'A sky', body: NO_INSTRUCTIONS } })).toEqual([
    ['emptyModel', 'model', false],
  ]);
  const model = { title: '', body: instructionsFrom('Grey.') };
  expect(lacks({ model })).toEqual([['noModelTitle', 'model', false]]);
});

test('the week of a repetition, asked for where there is none', () => {
  const dated = { title: 'Week {week}', requirements: [bay('title', { startsWith: '{date} ·' })] };
  expect(lacks(dated)).toEqual([
    ['outsideSeries', 'title', false],
    ['outsideSeries', 'requirements.0', false],
  ]);
  expect(lacks(dated, { repeated: true })).toEqual([]);
});
