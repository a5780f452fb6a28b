import { expect, test } from 'vitest';
import { isSettled, standsBeforeOthers, WORRY_KINDS } from './case';
import { toldOf } from './told';

test.each([
  ['post', true, null, false, false],
  ['post', true, 'back', false, false],
  ['post', true, null, true, false],
  ['post', true, 'away', true, true],
  ['comment', false, 'back', false, true],
  ['note', true, null, true, true],
  ['note', true, null, false, false],
] as const)(
  'about a %s, answerable %s, decided %s, answered %s: settled %s',
  (kind, answerable, decision, answered, settled) => {
    expect(isSettled({ kind, answerable, decision, answered })).toBe(settled);
  },
);

test('what stands between two people is before nobody else', () => {
  expect(WORRY_KINDS.filter((kind) => !standsBeforeOthers(kind))).toEqual(['note', 'answer']);
});

test('who told is told who reads it by when; nobody is promised what nobody can give', () => {
  const place = { timeZone: 'Europe/Dublin', language: 'en-GB' };
  const promisedAt = new Date('2026-12-01T15:00:00Z');
  const told = { toldBy: 'mate', promisedReader: 'Ms Castell', promisedAt, toldHelp: '', tookAway: true };
  expect(toldOf(told, place)).toMatchObject({ reader: 'Ms Castell', away: true, nobody: false });
  expect(toldOf({ ...told, promisedReader: '', promisedAt: null }, place)).toMatchObject({
    reader: null,
    by: null,
    nobody: true,
  });
  expect(toldOf({ ...told, toldBy: null, promisedAt: null }, place)).toMatchObject({
    by: null,
    nobody: false,
  });
});
