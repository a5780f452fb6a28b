import { expect, test } from 'vitest';
import { takingIn, whyNotTheirs, type StudentStanding } from './takingIn';

const child: StudentStanding = { homeClassId: 'home', deleted: false, ownSignIn: false, grownUp: false };

test.each([
  ['a child of a class that the teacher runs', child, ['home', 'mine'], { kind: 'joins' }],
  ['a child of others', child, ['mine'], { kind: 'asks' }],
  ['a child whose class is gone', { ...child, homeClassId: null }, ['mine'], { kind: 'asks' }],
  ['a student of others with a password', { ...child, ownSignIn: true }, ['mine'], { kind: 'asks' }],
  ['a deleted child', { ...child, deleted: true }, ['home'], { kind: 'refused', reason: 'deleted' }],
  [
    'a teacher',
    { ...child, grownUp: true, ownSignIn: true },
    ['home'],
    { kind: 'refused', reason: 'grownUp' },
  ],
])('%s', (_, student, runs, expected) => {
  expect(takingIn(student, new Set(runs))).toEqual(expected);
});

test.each([
  ['home', child, null],
  ['other', child, 'otherHome'],
  ['home', { ...child, ownSignIn: true }, 'ownSignIn'],
  ['other', { ...child, homeClassId: null }, 'otherHome'],
])('what the class %s may change of %j', (classId, student, expected) => {
  expect(whyNotTheirs(student, classId)).toBe(expected);
});
