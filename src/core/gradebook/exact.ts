/**
 * Figures are exact to a millionth: a number of points is taken as so many millionths, and sums of them are whole numbers that
 * a double holds exactly (up to 9 × 10^9 points).
 */
const PARTS = 1_000_000;

/** A figure in millionths. */
export function millionths(figure: number): number {
  return Math.round(figure * PARTS);
}

/** A quotient of whole numbers; the divisor is above 0. */
export interface Quotient {
  readonly over: bigint;
  readonly under: bigint;
}

export const NOTHING: Quotient = { over: 0n, under: 1n };

/** @param over and `under` are whole numbers, `under` above 0 */
export function quotient(over: number, under: number): Quotient {
  return { over: BigInt(over), under: BigInt(under) };
}

export function plus(one: Quotient, other: Quotient): Quotient {
  return one.under === other.under
    ? { over: one.over + other.over, under: one.under }
    : { over: one.over * other.under + other.over * one.under, under: one.under * other.under };
}

export function times(one: Quotient, other: Quotient): Quotient {
  return { over: one.over * other.over, under: one.under * other.under };
}

/** @param other above 0 */
export function over(one: Quotient, other: Quotient): Quotient {
  return { over: one.over * other.under, under: one.under * other.over };
}

/** Less than 0 where the first is the smaller one, 0 where they are the same. */
export function compare(one: Quotient, other: Quotient): number {
  const difference = one.over * other.under - other.over * one.under;
  return difference < 0n ? -1 : difference > 0n ? 1 : 0;
}

/**
 * Rounded half up to a step.
 * @param exact from 0
 * @param step above 0, in millionths at least
 */
export function rounded(exact: Quotient, step: number): number {
  const unit = BigInt(millionths(step));
  const parts = BigInt(PARTS);
  // exact ÷ step + ½, without its fraction.
  const steps = (2n * exact.over * parts + exact.under * unit) / (2n * exact.under * unit);
  return Number(steps * unit) / PARTS;
}
