import { expect, test } from 'vitest';
import { atOnce, codesOf, ofThem } from '../../../../tests/server/atOnce';
import { addClass, addMember, as, freshHouse, succeeded, type Who } from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { updateRole } from '../../tables/memberships';
import { dropSentence } from './dropSentence';
import { keepSentence } from './keepSentence';
import { listSentences } from './listSentences';
import { takeSentence } from './takeSentence';

const house = freshHouse({ atOnce: true });

interface Kept {
  readonly id?: string;
  readonly words?: string;
  readonly group?: string;
  readonly shared?: boolean;
  readonly version?: number;
}
const keep = (
  who: Who,
  { id = 'sentenceaaaaaaaa', words = 'Say how.', group = 'Noticing', shared = false, version = 0 }: Kept = {},
) => as(house, who, keepSentence, { classId: house.classId, sentenceId: id, words, group, shared, version });
const take = (who: Who, sentenceId = 'sentenceaaaaaaaa') =>
  as(house, who, takeSentence, { classId: house.classId, sentenceId });
const bankOf = async (who: Who) =>
  (await succeeded(as(house, who, listSentences, { classId: house.classId }))).map(
    ({ words, uses, mine, owner }) => ({ words, uses, mine, owner }),
  );

test('a sentence is kept for oneself, or shared with who teaches a class together with its owner, as long as they do', async () => {
  await succeeded(keep('teacher'));
  await succeeded(keep('teacher', { id: 'sentencebbbbbbbb', words: ' Which way, {name}? ', shared: true }));
  const [own, shared] = ['Say how.', 'Which way, {name}?'];
  expect((await bankOf('teacher')).map(({ words }) => words).sort()).toEqual([own, shared]);
  expect(await bankOf('coTeacher')).toEqual([{ words: shared, uses: 0, mine: false, owner: 'Tess Example' }]);
  // Whoever is let in for a while has no share in it.
  expect(await bankOf('supplyTeacher')).toEqual([]);
  await updateRole(database, { classId: house.classId, personId: house.people.teacher, role: 'reader' });
  expect(await bankOf('coTeacher')).toEqual([]);
  const other = await addClass('waves', 'SHORE2', 'everyone');
  for (const who of ['teacher', 'coTeacher'] as const) await addMember(house.people[who], other, 'coTeacher');
  expect((await bankOf('coTeacher')).map(({ words }) => words)).toEqual([shared]);
});

test('what is used often stands first, for each by their own uses; what is not theirs to use is not counted', async () => {
  await succeeded(keep('teacher', { shared: true }));
  await succeeded(keep('teacher', { id: 'sentencebbbbbbbb', words: 'Mine.' }));
  for (let each = 0; each < 2; each += 1) await succeeded(take('teacher', 'sentencebbbbbbbb'));
  await succeeded(take('coTeacher'));
  await succeeded(take('coTeacher', 'sentencebbbbbbbb'));
  await succeeded(take('teacher', 'sentencezzzzzzzz'));
  expect(await bankOf('teacher')).toMatchObject([
    { words: 'Mine.', uses: 2 },
    { words: 'Say how.', uses: 0 },
  ]);
  expect(await bankOf('coTeacher')).toMatchObject([{ words: 'Say how.', uses: 1 }]);
});

test('it is changed in place; a change on another page is told, and nobody changes or takes out another’s', async () => {
  await succeeded(keep('teacher', { shared: true }));
  await succeeded(keep('teacher', { words: 'Say why.', version: 1, shared: true }));
  expect(await keep('teacher', { words: 'Say when.', version: 1 })).toMatchObject({
    code: 'bank.changed',
    values: { words: 'Say why.' },
  });
  expect(await keep('coTeacher', { words: 'Ha.', version: 2 })).toMatchObject({ code: 'bank.gone' });
  const drop = (who: Who) =>
    as(house, who, dropSentence, { classId: house.classId, sentenceId: 'sentenceaaaaaaaa' });
  expect(await drop('coTeacher')).toMatchObject({ code: 'bank.gone' });
  expect(await bankOf('teacher')).toMatchObject([{ words: 'Say why.' }]);
  await succeeded(drop('teacher'));
  await succeeded(drop('teacher'));
  expect(await bankOf('teacher')).toEqual([]);
  expect(await keep('teacher', { words: 'Back.', version: 2 })).toMatchObject({ code: 'bank.gone' });
});

test.each([
  ['no words', { words: ' \n ' }, 'bank.empty'],
  ['far too many', { words: 'a'.repeat(20_000) }, 'input.maxLength'],
  ['a group like a book', { group: 'a'.repeat(61) }, 'input.maxLength'],
])('%s are refused', async (_, kept, code) => {
  expect(await keep('teacher', kept)).toMatchObject({ code });
  expect(await bankOf('teacher')).toEqual([]);
});

test('four hundred times at once it is kept once; no more than five hundred are kept, whoever hurries', async () => {
  const same = await atOnce(() => keep('teacher'));
  expect(ofThem(same)).toBeGreaterThan(0);
  expect((await bankOf('teacher')).length).toBe(1);
  const id = (index: number) => `s${String(index).padStart(15, '0')}`;
  await atOnce((index) => keep('teacher', { id: id(index) }));
  const more = await atOnce((index) => keep('teacher', { id: id(index + 400) }));
  expect(codesOf(more)).toEqual(new Set(['bank.full']));
  expect((await bankOf('teacher')).length).toBe(500);
});
