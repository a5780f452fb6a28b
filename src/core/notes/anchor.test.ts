import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anchorFinder, anchorOf, placeOfNote, type Anchor } from './anchor';
import { placesOutsideWords } from './outsideWords';
import type { Passage } from './passage';

const find = (text: string, anchor: Anchor) => anchorFinder(text)(anchor);
const anchorIn = (text: string, from: number, to: number): Anchor => anchorOf(text, { from, to });

/** Edits between two texts, by the definition. */
function editsBetween(one: string, other: string): number {
  let row = Array.from({ length: other.length + 1 }, (_, index) => index);
  for (let i = 1; i <= one.length; i += 1) {
    const next = [i];
    for (let j = 1; j <= other.length; j += 1)
      next.push(Math.min(row[j - 1]! + (one[i - 1] === other[j - 1] ? 0 : 1), row[j]! + 1, next[j - 1]! + 1));
    row = next;
  }
  return row[other.length]!;
}

/** The same by trying every passage. */
function byTryingAll(text: string, { quote, prefix, suffix, start }: Anchor): Passage | null {
  const places = placesOutsideWords(text);
  const ranked: (readonly [number, number, number, number, number])[] = [];
  const agreement = (from: number, to: number) => {
    let [before, after] = [0, 0];
    while (before < prefix.length && before < from && text[from - 1 - before] === prefix.at(-1 - before))
      before += 1;
    while (after < suffix.length && to + after < text.length && text[to + after] === suffix[after])
      after += 1;
    return before + after;
  };
  for (let from = 0; from <= text.length; from += 1)
    for (let to = from; to <= text.length; to += 1) {
      const exact = text.slice(from, to) === quote;
      const mended = quote.length >= 12 && places[from] === 1 && places[to] === 1;
      if (!exact && !mended) continue;
      const edits = editsBetween(quote, text.slice(from, to));
      if (edits <= quote.length / 4)
        ranked.push([edits, -agreement(from, to), Math.abs(from - start), from, to]);
    }
  const [best] = ranked.sort((a, b) => {
    const at = a.findIndex((part, index) => part !== b[index]);
    return at < 0 ? 0 : a[at]! - b[at]!;
  });
  return best ? { from: best[3], to: best[4] } : null;
}

const words = fc.array(
  fc.constantFrom('fog', 'the', 'ferry', 'hoots', 'twice', 'é', 'at', '10', '𝒜b', 'a', '—'),
  {
    minLength: 1,
    maxLength: 12,
  },
);
const prose = words.map((all) => all.join(' '));

test('whatever is changed, the passage is the one that trying all of them finds', () => {
  fc.assert(
    fc.property(
      prose,
      prose,
      fc.nat(40),
      fc.nat(40),
      fc.string({ maxLength: 3, unit: fc.constantFrom('x', ' ', 'e', 'fog ') }),
      fc.nat(60),
      (text, other, one, another, put, place) => {
        const [from, to] = [Math.min(one, another), Math.max(one, another)].map((at) =>
          Math.min(at, text.length),
        ) as [number, number];
        if (from === to) return;
        const anchor = anchorIn(text, from, to);
        const changed = text.slice(0, place) + put + text.slice(place);
        for (const later of [text, changed, `${other} ${changed}`, `${changed}\n${other} ${text}`, other])
          expect(find(later, anchor)).toEqual(byTryingAll(later, anchor));
      },
    ),
    { numRuns: 150 },
  );
});

test('quotes longer than a block of bits are counted as exactly', () => {
  const text =
    'The fog came in over the harbour before anybody was up, and the old ferry hooted twice at it.';
  const anchor = anchorIn(`It was cold. ${text}`, 13, 13 + text.length);
  const later = `Cold! ${text.replace('harbour', 'harbor').replace('anybody', 'anyone')} So it went.`;
  expect(find(later, anchor)).toEqual(byTryingAll(later, anchor));
  expect(find(later, anchor)).not.toBeNull();
});

describe('a passage', () => {
  test('is kept with what stands around it', () => {
    expect(anchorOf('The fog came in.', { from: 4, to: 7 })).toEqual({
      quote: 'fog',
      prefix: 'The ',
      suffix: ' came in.',
      start: 4,
    });
  });

  test('is pinned by its beginning where it is long', () => {
    const text = `${'a'.repeat(50)} ${'fog '.repeat(1000)}end`;
    const anchor = anchorOf(text, { from: 51, to: text.length });
    expect(anchor.quote).toHaveLength(2000);
    expect([anchor.prefix.length, anchor.suffix.length]).toEqual([32, 32]);
    expect(find(text, anchor)).toEqual({ from: 51, to: 2051 });
  });

  test('of nothing is nowhere', () => {
    expect(find('all of it', { quote: '', prefix: '', suffix: '', start: 0 })).toBeNull();
  });

  test('never begins or ends within a character of two units', () => {
    expect([...placesOutsideWords('a 😀 𝒜')]).toEqual([1, 1, 1, 0, 1, 1, 0, 1]);
  });

  test('is found in an empty text as lost', () => {
    expect(find('', { quote: 'the old ferry hooting', prefix: '', suffix: '', start: 4 })).toBeNull();
  });
});

describe('a note that suggested other words', () => {
  const text = 'It rained. I looked at three Mondays, which I know is not enough. Then it stopped.';
  const anchor = anchorIn(text, 11, 65);
  const suggested = 'I looked at three Mondays.';
  test.each([
    ['stands at its passage while that is there', text, suggested, text.slice(11, 65)],
    [
      'at its words once they were taken over',
      `It rained. ${suggested} Then it stopped.`,
      suggested,
      suggested,
    ],
    ['nowhere once both are gone', 'It rained. Then it stopped.', suggested, null],
    ['nowhere where it suggested to take it out', 'It rained. Then it stopped.', '', null],
    ['nor for a few letters that stand anywhere', 'It rained. Then it stopped.', 'it', null],
    ['nor where it suggested none', 'It rained. Then it stopped.', null, null],
  ])('%s', (_, now, words, expected) => {
    const place = placeOfNote(anchorFinder(now), { anchor, suggested: words });
    expect(place && now.slice(place.from, place.to)).toBe(expected);
  });
});
