import { describe, expect, test } from 'vitest';
import { asBlock, blockOf, figureTyped } from './figureTyped';

describe('a figure as it is typed', () => {
  test.each([
    ['7', 'en-GB', 7],
    [' 7.5 ', 'en-GB', 7.5],
    ['7,5', 'en-GB', 7.5],
    ['7,5', 'de-DE', 7.5],
    ['7.25', 'de-DE', 7.25],
    ['12,125', 'de-DE', 12.125],
    ['', 'en-GB', null],
    ['  ', 'de-DE', null],
  ])('%j in %s is %j', (text, locale, figure) => {
    expect(figureTyped(text, locale)).toEqual({ ok: true, figure });
  });

  test.each([
    ['1,000', 'en-GB'],
    ['1.000', 'de-DE'],
    ['-1', 'en-GB'],
    ['7.5.1', 'en-GB'],
    ['seven', 'en-GB'],
    ['1e3', 'en-GB'],
    ['7.1234', 'en-GB'],
    ['12345678', 'en-GB'],
    ['B+', 'en-GB'],
  ])('%j in %s is none', (text, locale) => {
    expect(figureTyped(text, locale)).toEqual({ ok: false });
  });
});

test('a block of a spreadsheet is read line by line, and comes out as it went in', () => {
  const cells = [
    ['7', '8,5', ''],
    ['', '9', '10'],
  ];
  expect(blockOf('7\t 8,5\t\r\n\t9\t10\r\n')).toEqual(cells);
  expect(blockOf(asBlock(cells))).toEqual(cells);
  expect(blockOf('')).toEqual([]);
});
