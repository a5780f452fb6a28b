import { expect, test } from 'vitest';
import { asksSomething } from './asksSomething';

test.each([
  ['Is that what you mean?', true],
  ['Wirklich? ', true],
  ['这是什么？', true],
  ['ماذا تقصد؟', true],
  ['Τι εννοείς\u037e', true],
  ['I put it in.', false],
  ['What? I put it in.', false],
  ['Τι εννοείς;', true],
  ['First this; then that.', false],
  ['', false],
])('%s asks: %s', (text, asks) => {
  expect(asksSomething(text)).toBe(asks);
});
