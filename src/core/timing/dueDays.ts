import { daysBetween } from './inWords';
import { addDays } from './zonedTime';

/** A day on the way to a due time, or the days between that are not drawn one by one. */
export type DueDay =
  | { readonly kind: 'day'; readonly date: string; readonly today: boolean; readonly due: boolean }
  | { readonly kind: 'gap'; readonly days: number };

/** So many days are drawn before or after the due day, as long as today is among them. */
const NEAR = 3;

/**
 * The few days that show how far today is from a due day: the due day with the days around it, and today.
 * Where they lie far apart, the days between are one gap that tells how many they are.
 *
 * @param due a local date
 * @param today a local date
 */
export function dueDays(due: string, today: string): readonly DueDay[] {
  const ahead = daysBetween(today, due);
  const day = (offset: number): DueDay => {
    const date = addDays(due, offset);
    return { kind: 'day', date, today: date === today, due: offset === 0 };
  };
  if (ahead >= 0 && ahead <= NEAR) return [-3, -2, -1, 0, 1].map(day);
  if (ahead < 0 && ahead >= -NEAR) return [-1, 0, 1, 2, 3].map(day);
  const gap: DueDay = { kind: 'gap', days: Math.abs(ahead) - 2 };
  return ahead > 0
    ? [day(-ahead), gap, day(-1), day(0), day(1)]
    : [day(-1), day(0), day(1), gap, day(-ahead)];
}
