/** What binary fractions leave behind; far below the fourth decimal that figures are given with. */
const TOLERANCE = 1e-9;

/** `value` rounded half up to `decimals` places, forgiving the error that binary fractions carry. */
export function roundHalfUp(value: number, decimals: number): number {
  const factor = 10 ** decimals;
  return Math.floor(value * factor + 0.5 + TOLERANCE) / factor;
}
