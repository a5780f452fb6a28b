import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { notReached, SET_DEEDS, type InSet, type SetDeed } from './setDeeds';

const ASKED = { audience: 'ourClass', hasDue: true } as const;
const WRITING: InSet = {
  left: false,
  hidden: false,
  readTwice: false,
  excused: false,
  awayUntil: null,
  handInId: null,
  state: 'draft',
  figure: null,
  published: null,
  closed: {},
};
const figure = { provisional: false, grade: 22, givenBack: null };
const ACCEPTED: InSet = { ...WRITING, handInId: 'h', state: 'accepted', figure };

describe('whom a deed reaches', () => {
  test.each<readonly [SetDeed, string, InSet, ReturnType<typeof notReached>]>([
    ['giveBack', 'what is judged', ACCEPTED, null],
    [
      'giveBack',
      'what is not judged yet',
      { ...ACCEPTED, figure: { ...figure, provisional: true } },
      'toJudge',
    ],
    ['giveBack', 'what was given back', { ...ACCEPTED, figure: { ...figure, givenBack: 22 } }, 'givenBack'],
    ['giveBack', 'what changed since', { ...ACCEPTED, figure: { ...figure, givenBack: 20 } }, 'needsReason'],
    ['giveBack', 'a draft', WRITING, 'nothingHandedIn'],
    ['open', 'what is accepted', ACCEPTED, null],
    ['open', 'what waits to be read', { ...ACCEPTED, state: 'handedIn' }, 'notAccepted'],
    ['open', 'what is open', { ...ACCEPTED, published: 'ourClass' }, 'opened'],
    ['open', 'what is open to others', { ...ACCEPTED, published: 'everyone' }, null],
    ['open', 'what may not', { ...ACCEPTED, closed: { ourClass: 'writerWantsFewer' } as never }, 'closed'],
    ['open', 'what may not go elsewhere', { ...ACCEPTED, closed: { everyone: 'noConsent' } as never }, null],
    ['sendBack', 'what is accepted', ACCEPTED, null],
    ['sendBack', 'what was sent back', { ...ACCEPTED, state: 'sentBack' }, 'sentBack'],
    ['sendBack', 'a draft that was taken back', { ...ACCEPTED, state: 'draft' }, 'nothingHandedIn'],
    ['remind', 'who has not begun', { ...WRITING, state: 'notBegun' }, null],
    ['remind', 'who was sent back to', { ...ACCEPTED, state: 'sentBack' }, null],
    ['remind', 'who has handed in', { ...ACCEPTED, state: 'handedIn' }, 'handedIn'],
    ['remind', 'who is excused', { ...WRITING, excused: true }, 'excused'],
    ['remind', 'who has left', { ...WRITING, left: true }, 'left'],
    ['moreTime', 'who handed in, for another time', { ...ACCEPTED, state: 'handedIn' }, null],
    ['moreTime', 'what is accepted', ACCEPTED, 'accepted'],
    ['moreTime', 'whose name is hidden', { ...ACCEPTED, state: 'sentBack', hidden: true }, 'hidden'],
    ['giveBack', 'what is read twice and not settled', { ...ACCEPTED, readTwice: true }, 'readTwice'],
    ['giveBack', 'whose name is hidden', { ...ACCEPTED, hidden: true }, null],
    ['excuse', 'who is writing', WRITING, null],
    ['excuse', 'who has handed in', { ...ACCEPTED, state: 'handedIn' }, 'handedIn'],
    ['takePart', 'who is excused', { ...WRITING, excused: true }, null],
    ['takePart', 'who is not', WRITING, 'notExcused'],
  ])('%s: %s', (deed, _, one, expected) => {
    expect(notReached(deed, one, ASKED)).toBe(expected);
  });

  test('more time is given to nobody where nothing is due', () => {
    expect(notReached('moreTime', WRITING, { ...ASKED, hasDue: false })).toBe('noDue');
  });

  test('nobody is both excused and let take part again, and what left the class is asked nothing', () => {
    const one = fc.record({
      left: fc.boolean(),
      excused: fc.boolean(),
      handInId: fc.constantFrom(null, 'h'),
      state: fc.constantFrom('notBegun', 'draft', 'handedIn', 'sentBack', 'accepted'),
      figure: fc.constantFrom(null, figure),
      published: fc.constantFrom(null, 'ourClass'),
      closed: fc.constant({}),
    });
    fc.assert(
      fc.property(one, fc.constantFrom(...SET_DEEDS), (student, deed) => {
        const is = student as InSet;
        expect(notReached('excuse', is, ASKED) === null && notReached('takePart', is, ASKED) === null).toBe(
          false,
        );
        if (is.left && ['moreTime', 'excuse', 'takePart', 'remind'].includes(deed))
          expect(notReached(deed, is, ASKED)).toBe('left');
      }),
    );
  });
});
