import { expect, test } from 'vitest';
import type { Audience } from '../access/audience';
import { FREE_OUTSIDE, type Outside } from './consent';
import { closedTo, readersNow, type ReadersFacts } from './readersNow';

const OVER: Outside = { appears: 'no', lacks: 'ranOut' };
const PEN: Outside = { appears: 'penName', lacks: null };

test.each<[Audience, Audience, Outside, Audience, string | null]>([
  ['everyone', 'everyone', FREE_OUTSIDE, 'everyone', null],
  ['everyone', 'everyone', PEN, 'everyone', null],
  ['everyone', 'everyone', OVER, 'ourClass', 'ranOut'],
  ['passphrase', 'everyone', OVER, 'ourClass', 'ranOut'],
  ['everyone', 'passphrase', FREE_OUTSIDE, 'passphrase', 'ceiling'],
  ['everyone', 'passphrase', OVER, 'ourClass', 'ranOut'],
  ['everyone', 'ourClass', OVER, 'ourClass', 'ranOut'],
  ['everyone', 'writerAndTeachers', OVER, 'writerAndTeachers', 'ceiling'],
  ['ourClass', 'everyone', OVER, 'ourClass', null],
])('published to %s under %s, %j', (published, ceiling, outside, to, heldBack) => {
  expect(readersNow(published, { ceiling, outside, away: false })).toEqual({ to, heldBack });
});

test('a worry keeps it from everybody but writer and teachers, whatever else does', () => {
  for (const published of ['ourClass', 'passphrase', 'everyone'] as const)
    for (const outside of [FREE_OUTSIDE, OVER])
      expect(readersNow(published, { ceiling: 'everyone', outside, away: true })).toEqual({
        to: 'writerAndTeachers',
        heldBack: 'worry',
      });
});

test.each<[Audience, Partial<ReadersFacts>, string | null]>([
  ['everyone', {}, null],
  ['everyone', { ceiling: 'passphrase' }, 'ceiling'],
  ['everyone', { wished: 'ourClass' }, 'wish'],
  ['everyone', { outside: OVER }, 'ranOut'],
  ['ourClass', { outside: OVER }, null],
  ['everyone', { ceiling: 'ourClass', outside: OVER }, 'ceiling'],
  ['ourClass', { accepted: false }, 'notAccepted'],
  ['ourClass', { accepted: false, published: 'everyone' }, null],
  ['everyone', { accepted: false, published: 'ourClass' }, 'notAccepted'],
  ['writerAndTeachers', { accepted: false, ceiling: 'ourClass', wished: 'ourClass' }, null],
])('given to %s with %j', (audience, more, closed) => {
  const facts: ReadersFacts = {
    ceiling: 'everyone',
    wished: null,
    outside: FREE_OUTSIDE,
    accepted: true,
    published: null,
    ...more,
  };
  expect(closedTo(audience, facts)).toBe(closed);
});
