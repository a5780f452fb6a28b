import { expect, test } from 'vitest';
import { AUDIENCES } from './audience';
import { EYES, finds } from './eyes';

test('a post is found by whom it was published to, from outside with the passphrase where it asks for one', () => {
  const found = AUDIENCES.map((audience) => [audience, ...EYES.map((eyes) => finds(eyes, audience))]);
  expect(found).toEqual([
    ['writerAndTeachers', 'no', 'no', 'no'],
    ['ourClass', 'yes', 'no', 'no'],
    ['passphrase', 'yes', 'yes', 'passphrase'],
    ['everyone', 'yes', 'yes', 'yes'],
  ]);
});
