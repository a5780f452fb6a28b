import { addDays } from '../timing/zonedTime';

/** Days in a row, the first and the last, as local dates. */
export interface Days {
  readonly from: string;
  readonly until: string;
}

/** Days without a beginning or an end. */
export const ALWAYS: Days = { from: '1000-01-01', until: '9999-12-31' };

/**
 * The days in a row on which something may stand before readers outside the class: those around a day, or else the next ones that are
 * known by now. Null where there are none.
 * @param allowedOn whether consent allows it on a day; it changes only where a consent begins or after one ends
 */
export function daysBeyond(
  day: string,
  allowedOn: (day: string) => boolean,
  consents: readonly { readonly givenOn: string; readonly until: string | null }[],
): Days | null {
  const begins = consents.map(({ givenOn }) => givenOn).filter((one) => one > day);
  const first = [day, ...begins.toSorted()].find(allowedOn);
  if (first === undefined) return null;
  const ends = consents.flatMap(({ until }) => (until !== null && until >= first ? [until] : []));
  const last = ends.toSorted().find((end) => !allowedOn(addDays(end, 1)));
  return { from: first === day ? ALWAYS.from : first, until: last ?? ALWAYS.until };
}
