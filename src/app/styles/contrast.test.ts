import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';

const TOKENS = new Map(
  [...readFileSync('src/app/styles/tokens.css', 'utf8').matchAll(/--([\w-]+):\s*([^;]+);/g)].map((match) => [
    match[1]!,
    match[2]!.trim(),
  ]),
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

test.each(TEXT)('%s on %s reads well', (ink, ground) => {
  expect(contrast(colour(ink), colour(ground))).toBeGreaterThanOrEqual(4.5);
});

test.each(MARKS)('%s on %s can be told apart', (ink, ground) => {
  expect(contrast(colour(ink), colour(ground))).toBeGreaterThanOrEqual(3);
});

function colour(token: string): string {
  const value = TOKENS.get(token);
  if (value === undefined) throw new RangeError(`there is no token ${token}`);
  const reference = /^var\(--([\w-]+)\)$/.exec(value)?.[1];
  return reference === undefined ? value : colour(reference);
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
