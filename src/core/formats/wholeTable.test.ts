import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { cleanPaste } from './cleanPaste';

/** The words of each row of the first table, and what was said. */
function tableOf(html: string) {
  const { document, notes } = cleanPaste(html);
  document.check();
  const rows: string[][] = [];
  document.descendants((node) => {
    if (node.type.name === 'tableRow') rows.push(node.children.map((cell) => cell.textContent));
  });
  return { rows, notes };
}

describe('a pasted table', () => {
  test.each([
    [
      '<tr><td colspan=2>a</td></tr><tr><td>b</td><td>c</td></tr>',
      [
        ['a', ''],
        ['b', 'c'],
      ],
    ],
    [
      '<tr><td rowspan=2>a</td><td>b</td></tr><tr><td>c</td></tr>',
      [
        ['a', 'b'],
        ['', 'c'],
      ],
    ],
    [
      '<tr><td rowspan=2 colspan=2>a</td><td>b</td></tr><tr><td>c</td></tr><tr><td>d</td><td>e</td><td>f</td></tr>',
      [
        ['a', '', 'b'],
        ['', '', 'c'],
        ['d', 'e', 'f'],
      ],
    ],
    ['<tr><td>a</td><td rowspan=9>b</td></tr>', [['a', 'b']]],
  ])('with merged cells is whole, and it is said: %s', (rows, expected) => {
    const found = tableOf(`<table>${rows}</table>`);
    expect(found.rows).toEqual(expected);
    expect(found.notes).toContain('mergedCells');
  });

  test('without any is as it was, and rows that are too short are filled', () => {
    expect(tableOf('<table><tr><td>a</td><td>b</td></tr><tr><td>c</td></tr></table>')).toEqual({
      rows: [
        ['a', 'b'],
        ['c', ''],
      ],
      notes: [],
    });
  });

  test('is a rectangle, whatever its cells claim', () => {
    const span = fc.constantFrom(-1, 0, 1, 2, 3, 1000);
    const cell = fc.record({ colspan: span, rowspan: span });
    fc.assert(
      fc.property(
        fc.array(fc.array(cell, { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: 5 }),
        (rows) => {
          const said = rows.map(
            (cells) =>
              `<tr>${cells.map((one) => `<td colspan=${one.colspan} rowspan=${one.rowspan}>x</td>`).join('')}</tr>`,
          );
          const widths = tableOf(`<table>${said.join('')}</table>`).rows.map((row) => row.length);
          expect(new Set(widths).size).toBe(1);
          expect(Math.max(...widths)).toBeLessThanOrEqual(40);
        },
      ),
    );
  });
});

test.each(['left', 'right', 'justify', 'nonsense', ''])(
  'a paragraph that is aligned %j comes in',
  (align) => {
    expect(cleanPaste(`<p align="${align}">Hello</p>`).document.textContent).toBe('Hello');
  },
);

test('what is centred stays so', () => {
  const { document } = cleanPaste('<p align="center">a</p><p style="text-align: center">b</p>');
  expect(document.children.map((block) => block.attrs['align'] as string)).toEqual(['centre', 'centre']);
});
