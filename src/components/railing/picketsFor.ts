import type { Slat } from '../../core/requirements/slats';

/**
 * A row of pickets for how many of all are so: each stands for several where there are more of them than pickets.
 * @param length how many pickets there are
 * @param rest what the others are
 */
export function picketsFor(
  many: number,
  of: number,
  { length, rest }: { readonly length: number; readonly rest: Slat },
): readonly Slat[] {
  const whole = of === 0 ? 0 : Math.floor((many * length) / of);
  return Array.from({ length }, (_, at) => (at < whole ? 'met' : rest));
}
