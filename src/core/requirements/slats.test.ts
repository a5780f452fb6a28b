import { expect, test } from 'vitest';
import type { RequirementAnswer } from './answer';
import { mark, slats } from './slats';

const answer = (part: Partial<RequirementAnswer>): RequirementAnswer => ({
  id: 'r',
  kind: 'links',
  state: 'partly',
  reason: null,
  measured: 0,
  target: {},
  share: 0,
  earned: 0,
  possible: 1,
  message: { key: 'x', values: {} },
  places: [],
  ...part,
});

test('of many that are asked for no more stand whole than there are', () => {
  const none = answer({ kind: 'entries', measured: 0, target: { min: 10 }, share: 0.5 });
  expect(slats(none, 'required')).toEqual(['partly', 'gap', 'gap', 'gap', 'gap']);
  const four = answer({ kind: 'entries', measured: 4, target: { min: 10 }, share: 0.7 });
  expect(slats(four, 'required')).toEqual(['met', 'met', 'partly', 'gap', 'gap']);
});

test('a share fills slats, the rest of it stands half as high', () => {
  expect(slats(answer({ share: 0.5 }), 'required')).toEqual(['met', 'met', 'partly', 'gap', 'gap']);
});

test('few things that are asked for have a picket each', () => {
  const places = [
    { from: 4, to: 5, reason: 'credit' },
    { from: 4, to: 5, reason: 'description' },
  ];
  expect(slats(answer({ kind: 'pictures', measured: 1, target: { min: 3 }, places }), 'required')).toEqual([
    'met',
    'partly',
    'gap',
  ]);
});

test.each([
  ['met', 'required', null, 'met'],
  ['unmet', 'required', null, 'gap'],
  ['over', 'advice', null, 'over'],
  ['unknown', 'required', 'network', 'unknown'],
  ['unknown', 'required', 'teacher', 'waits'],
  ['met', 'bonus', null, 'bonus'],
  ['partly', 'bonus', null, 'bonusOffered'],
] as const)('%s and %s is drawn as %s', (state, weight, reason, slat) => {
  expect(mark(answer({ state, reason }), weight)).toBe(slat);
  expect(new Set(slats(answer({ state, reason }), weight))).toEqual(new Set([slat]));
});
