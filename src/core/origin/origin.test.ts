import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { countWords, wordsOf } from '../words/countWords';
import { countSave, LARGE_PIECE, type CameAtOnce } from './countSave';
import { columnsOf, daysWritten, netted, sumOf, type Sitting } from './fence';
import { standingPieces } from './standing';

const at = (text: string, part: string, way: CameAtOnce['way'] = 'pasted'): CameAtOnce => ({
  from: text.indexOf(part),
  to: text.indexOf(part) + part.length,
  way,
});
const many = (count: number, word = 'w') => Array.from({ length: count }, (_, index) => `${word}${index}`);

describe('what a save brought and took, in words', () => {
  it('counts what is written and what is taken away', () => {
    expect(countSave('The wind is cold.', 'The wind is very cold today.', [])).toMatchObject({
      written: 3,
      removed: 1,
      pasted: 0,
    });
  });

  it('counts what was moved within the text as nothing', () => {
    const before = 'One two three.\nFour five six.';
    const after = 'Four five six.\nOne two three.';
    expect(countSave(before, after, [at(after, 'One two three.')])).toMatchObject({
      written: 0,
      pasted: 0,
      removed: 0,
    });
  });

  it('counts what was cut before and put back as come back', () => {
    const after = 'Stays. One two three.';
    expect(countSave('Stays.', after, [at(after, 'One two three.', 'back')])).toMatchObject({
      back: 3,
      written: 0,
      pasted: 0,
    });
  });

  it('tells pasted words from those that were written around them', () => {
    const after = 'I say: the sea was grey and then more of mine';
    expect(countSave('I say:', after, [at(after, 'the sea was grey')])).toMatchObject({
      pasted: 4,
      written: 5,
    });
  });

  it('counts all of a piece that takes the place of another with some of the same words', () => {
    const before = 'the cat and the dog and the hen';
    const after = 'the ship and the storm that broke the mast';
    const count = countSave(before, after, [at(after, after)]);
    expect(count).toMatchObject({ pasted: 9, written: 0, removed: 8 });
  });

  it('keeps the words of a piece from thirty on', () => {
    const [small, large] = [many(LARGE_PIECE - 1).join(' '), many(LARGE_PIECE).join(' ')];
    expect(countSave('', small, [at(small, small)]).pieces).toEqual([]);
    expect(countSave('', large, [at(large, large)]).pieces).toEqual([many(LARGE_PIECE)]);
  });

  it('counts a passage once that is told twice', () => {
    const text = many(40).join(' ');
    const told = at(text, text);
    expect(countSave('', text, [told, told])).toMatchObject({ pasted: 40, written: 0, removed: 0 });
    expect(countSave(text, text, [told])).toMatchObject({ pasted: 0, written: 0, removed: 0, pieces: [] });
  });

  it('tells a text that is longer than anybody writes by its lines', () => {
    const long = (word: string) => many(30_000, word).join(' ');
    const after = `${long('b')}\nstays`;
    expect(countSave(`${long('a')}\nstays`, after, [])).toMatchObject({ written: 30_000, removed: 30_000 });
    expect(countSave('stays', after, [at(after, long('b'))])).toMatchObject({ written: 0, pasted: 30_000 });
  });

  it('looks through a text once, however many passages are told', () => {
    const text = many(20_000).join(' ');
    const told = Array.from({ length: 100 }, () => at(text, text));
    expect(countSave('', text, told)).toMatchObject({ pasted: 20_000 });
  });

  it('never loses a word, whatever is told of places', () => {
    const words = fc.array(fc.constantFrom('a', 'b', 'c d', 'e\nf', '–', 'ü', '\n'), { maxLength: 30 });
    const places = fc.array(
      fc.record({
        from: fc.nat(90),
        to: fc.nat(90),
        way: fc.constantFrom('pasted' as const, 'back' as const),
      }),
      { maxLength: 4 },
    );
    fc.assert(
      fc.property(words, words, places, (one, other, came) => {
        const [before, after] = [one.join(' '), other.join(' ')];
        const { written, pasted, back, removed } = countSave(before, after, came);
        expect(written + pasted + back - removed).toBe(countWords(after) - countWords(before));
        expect(Math.min(written, pasted, back, removed)).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});

describe('what of a piece stands as it came', () => {
  const stands = (text: string, ...pieces: readonly string[]) =>
    standingPieces(
      wordsOf(text),
      pieces.map((piece) => wordsOf(piece)),
    );

  it('finds it whole, in parts and moved', () => {
    const piece = 'one two three four five six seven eight';
    expect(stands(`mine ${piece} mine`, piece)).toEqual([{ words: 8, rows: [{ from: 1, to: 9 }] }]);
    expect(stands('five six seven eight mine one two three four', piece)).toEqual([
      {
        words: 8,
        rows: [
          { from: 0, to: 4 },
          { from: 5, to: 9 },
        ],
      },
    ]);
  });

  it('does not count what was written otherwise, nor fewer words in a row than tell anything', () => {
    expect(stands('one two three mine five six seven', 'one two three four five six seven')).toEqual([
      { words: 0, rows: [] },
    ]);
  });

  it('gives a word of the text to one piece only', () => {
    const piece = 'one two three four five';
    const [first, second] = stands(piece, piece, piece);
    expect([first?.words, second?.words]).toEqual([5, 0]);
  });

  it('never finds more than came, nor more than stands, and finds all of what stands unchanged', () => {
    const texts = fc.array(fc.nat(3), { maxLength: 60 });
    fc.assert(
      fc.property(texts, fc.array(texts, { maxLength: 3 }), texts, (before, pieces, after) => {
        const found = standingPieces([...before, ...(pieces[0] ?? []), ...after], pieces);
        const rows = found.flatMap((one) => one.rows);
        const covered = rows.flatMap(({ from, to }) =>
          Array.from({ length: to - from }, (_, index) => from + index),
        );
        expect(new Set(covered).size).toBe(covered.length);
        for (const [index, { words }] of found.entries())
          expect(words).toBeLessThanOrEqual(pieces[index]!.length);
        expect(found.reduce((sum, { words }) => sum + words, 0)).toBe(covered.length);
      }),
    );
    const whole = many(200);
    expect(standingPieces([...many(50, 'x'), ...whole], [whole])).toMatchObject([{ words: 200 }]);
  });

  it('is at it for no longer than the texts are long, also with one word many times over', () => {
    const same = Array.from({ length: 20_000 }, () => 'la');
    const [found] = standingPieces(same, [same]);
    expect(found?.words).toBe(20_000);
  });
});

describe('the days of a post', () => {
  const sitting = (day: string, written = 10): Sitting => ({ day, written, pasted: 0, back: 0, removed: 0 });
  const drawn = (...days: readonly string[]) => columnsOf(days.map((day) => sitting(day)));

  it('has each day from the first to the last, and each sitting of a day by itself', () => {
    const columns = drawn('2026-11-10', '2026-11-10', '2026-11-12');
    expect(columns.map((one) => one.kind === 'day' && [one.date, one.sittings, one.groups.length])).toEqual([
      ['2026-11-10', 2, 2],
      ['2026-11-11', 0, 0],
      ['2026-11-12', 1, 1],
    ]);
  });

  it('draws a long pause as one gap', () => {
    expect(drawn('2026-11-01', '2026-11-06').map((one) => one.kind)).toEqual(['day', 'gap', 'day']);
    expect(drawn('2026-11-01', '2026-11-05').map((one) => one.kind)).toHaveLength(5);
  });

  it('goes over to weeks and to months where days do not fit', () => {
    const everyDay = Array.from(
      { length: 30 },
      (_, index) => `2026-11-${String(index + 1).padStart(2, '0')}`,
    );
    const weeks = drawn(...everyDay);
    // 1 November 2026 is a Sunday.
    expect(weeks.map((one) => one.kind === 'week' && [one.date, one.sittings])).toEqual([
      ['2026-10-26', 1],
      ['2026-11-02', 7],
      ['2026-11-09', 7],
      ['2026-11-16', 7],
      ['2026-11-23', 7],
      ['2026-11-30', 1],
    ]);
    const twentyWeeks = Array.from({ length: 20 }, (_, index) =>
      new Date(Date.UTC(2026, 7, 3 + 7 * index)).toISOString().slice(0, 10),
    );
    const months = drawn(...twentyWeeks.flatMap((day) => [day, day]));
    expect(months.map((one) => one.kind === 'month' && one.date.slice(0, 7))).toEqual([
      '2026-08',
      '2026-09',
      '2026-10',
      '2026-11',
      '2026-12',
    ]);
  });

  it('counts days and words, and nets what was taken out and put back', () => {
    expect(daysWritten([sitting('2026-11-10'), sitting('2026-11-10'), sitting('2026-11-17')])).toEqual({
      days: 2,
      of: 8,
    });
    expect(daysWritten([])).toEqual({ days: 0, of: 0 });
    expect(netted({ written: 1, pasted: 2, back: 30, removed: 40 })).toEqual({
      written: 1,
      pasted: 2,
      back: 0,
      removed: 10,
    });
    expect(sumOf([sitting('2026-11-10', 3), sitting('2026-11-11', 4)])).toMatchObject({ written: 7 });
  });
});
