import { expect, test } from 'vitest';
import { decideComment } from './comments/decideComment';
import { tellWorry } from './forms/tellWorry';
import { inputFromForm } from './plainForm';
import { putWordsBack } from './worries/putWordsBack';

test('what a form posts becomes the input of a deed', () => {
  const posted = { does: 'decideComment', commentId: 'c1', version: '3', state: 'keptBack', keptFor: '' };
  expect(inputFromForm(decideComment.input, posted)).toEqual({
    commentId: 'c1',
    version: 3,
    state: 'keptBack',
    keptFor: null,
  });
  expect(inputFromForm(putWordsBack.input, { postId: 'p', commentId: '' })).toEqual({
    postId: 'p',
    commentId: null,
  });
});

test('an empty field that may be missing is left out; one that has to be there stays empty', () => {
  expect(inputFromForm(tellWorry.input, { blog: 'wind', post: 'x', words: '', comment: '' })).toEqual({
    blog: 'wind',
    post: 'x',
    words: '',
  });
});

test('nonsense is left to the schema', () => {
  expect(inputFromForm(decideComment.input, { version: '1e9', constructor: 'x', __proto__: 'y' })).toEqual({
    version: '1e9',
  });
  expect(inputFromForm(decideComment.input, {})).toEqual({});
});
