import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { HIGHLIGHTS, LOOK_TOKENS, LOOKS, WORD_COLOURS } from '../../core/looks/looks';

const HOUSE = [...readFileSync('src/app/styles/tokens.css', 'utf8').matchAll(/--([\w-]+):\s*([^;]+);/g)].map(
  (match) => [match[1]!, match[2]!.trim()] as const,
);

/** Text needs 4.5 to 1, marks and edges 3 to 1 (WCAG 2.2, 1.4.3 and 1.4.11). */
const TEXT: readonly (readonly [ink: string, ground: string])[] = [
  ...['paper', 'sheet', 'board'].flatMap((ground) =>
    ['ink', 'ink-2', 'ink-3', 'porch', 'clay', 'amber'].map((ink) => [ink, ground] as const),
  ),
  ['porch', 'porch-tint'],
  ['ink-2', 'porch-tint'],
  ['plum', 'plum-tint'],
  ['plum', 'sheet'],
  ['ink-2', 'plum-tint'],
  ['dusk', 'sheet'],
  ['dusk', 'board'],
  ['on-porch', 'porch'],
  ['on-porch-2', 'porch'],
  ['apricot-ink', 'sheet'],
  ...WORD_COLOURS.map((colour) => [colour, 'sheet'] as const),
  ...HIGHLIGHTS.map((behind) => ['ink', `${behind}-tint`] as const),
  // The names on a banner stand over the first half of its sky.
  ['white', 'sky-1'],
  ['white', 'sky-2'],
];
const MARKS: readonly (readonly [ink: string, ground: string])[] = [
  ...['k-met', 'k-part', 'k-gap', 'k-over', 'k-unknown', 'k-bonus', 'k-wait'].flatMap((ink) =>
    ['board', 'sheet', 'paper'].map((ground) => [ink, ground] as const),
  ),
  ['edge', 'sheet'],
  ['edge', 'paper'],
  ['edge', 'board'],
  ['apricot', 'porch'],
  ['dusk', 'paper'],
];

describe.each(LOOKS)('in the look %s', (look) => {
  const tokens = new Map([...HOUSE, ['white', '#ffffff'] as const, ...Object.entries(LOOK_TOKENS[look])]);

  test.each(TEXT)('%s on %s reads well', (ink, ground) => {
    expect(contrast(colour(tokens, ink), colour(tokens, ground))).toBeGreaterThanOrEqual(4.5);
  });

  test.each(MARKS)('%s on %s can be told apart', (ink, ground) => {
    expect(contrast(colour(tokens, ink), colour(tokens, ground))).toBeGreaterThanOrEqual(3);
  });
});

test('a look changes what is there, and nothing but colours', () => {
  const own = new Set([...HOUSE.map(([token]) => token), ...Object.keys(LOOK_TOKENS.gate)]);
  for (const look of LOOKS)
    for (const [token, value] of Object.entries(LOOK_TOKENS[look])) {
      expect(own).toContain(token);
      expect(value).toMatch(/^#[0-9a-f]{6}$/);
    }
});

function colour(tokens: ReadonlyMap<string, string>, token: string): string {
  const value = tokens.get(token);
  if (value === undefined) throw new RangeError(`there is no token ${token}`);
  const reference = /^var\(--([\w-]+)\)$/.exec(value)?.[1];
  return reference === undefined ? value : colour(tokens, reference);
}

/** The contrast ratio of WCAG 2.2 from relative luminances. */
function contrast(one: string, other: string): number {
  const [light, dark] = [luminance(one), luminance(other)].sort((a, b) => b - a) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

function luminance(hex: string): number {
  const [red, green, blue] = [1, 3, 5].map((at) => {
    const channel = parseInt(hex.slice(at, at + 2), 16) / 255;
    return channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}
