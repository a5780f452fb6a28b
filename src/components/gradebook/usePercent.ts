import { useFormatter } from 'next-intl';

/** Writes per cents with as many decimals as all of them have; a dash where there is none. @param rounding the step that they are rounded to */
export function usePercent(rounding: number): (percent: number | null) => string {
  const format = useFormatter();
  const decimals = { minimumFractionDigits: Number.isInteger(rounding) ? 0 : 1 };
  return (percent) => (percent === null ? '–' : format.number(percent, decimals));
}
