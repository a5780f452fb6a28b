import { expect, test } from 'vitest';
import { rememberByText } from './remember';

test('what was computed is computed once, and an answer of nothing too', () => {
  let times = 0;
  const ask = rememberByText((text) => {
    times += 1;
    return text === 'none' ? null : text.length;
  });
  expect([ask('four'), ask('four'), ask('none'), ask('none')]).toEqual([4, 4, null, null]);
  expect(times).toBe(2);
});

test('it answers right after it has forgotten everything', () => {
  const ask = rememberByText((text) => text.length);
  for (let index = 0; index < 5000; index += 1) ask(String(index));
  expect(ask('12345')).toBe(5);
  expect(ask('0')).toBe(1);
});
