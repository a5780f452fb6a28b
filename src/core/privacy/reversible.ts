const DAY = 86_400_000;

/** For how many days a deleted person, class or assignment can be brought back. */
export const REVERSIBLE_DAYS = 30;

/** When what is deleted now goes for good. */
export function goesForGoodAt(now: Date): Date {
  return new Date(now.getTime() + REVERSIBLE_DAYS * DAY);
}
