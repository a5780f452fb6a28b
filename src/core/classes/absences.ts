import { localDayInWords } from '../timing/inWords';
import { addDays } from '../timing/zonedTime';
import { holdsDay, nextSchoolDay, type SchoolYear, type Span } from './schoolYear';

/** From when to when somebody is not there, both days included. Why is nobody's business. */
export type Absence = Pick<Span, 'from' | 'to'>;

/** What a class does with a date on which somebody is away. */
export interface AwayRule {
  readonly dates: 'move' | 'excuse';
  /** Of a date that moves: on the how manyth day of school after they are back it is due, from 1. */
  readonly days: number;
}

export const FIRST_AWAY_RULE: AwayRule = { dates: 'move', days: 3 };

/** No absence is longer; days. */
export const LONGEST_ABSENCE = 366;

/** JSON Schemas of the fields, all of them needed. */
export const awayRuleFields = {
  dates: { enum: ['move', 'excuse'] },
  days: { type: 'integer', minimum: 1, maximum: 20 },
} as const;

/** The absence that a day is in; null where somebody is there. Of several the one that lasts longest. */
export function absenceOn(absences: readonly Absence[], day: string | null): Absence | null {
  return (
    absences.filter((one) => holdsDay(one, day)).sort((one, another) => (one.to < another.to ? 1 : -1))[0] ??
    null
  );
}

/** Until which day somebody is away on a day, in words; null where they are there. */
export function awayUntil(absences: readonly Absence[], day: string, language: string): string | null {
  const absence = absenceOn(absences, day);
  return absence && localDayInWords(absence.to, language);
}

/**
 * The day on which something is due for somebody who is away then: so many days of school after they are back, and once more where
 * they are away again. The same day where they are there.
 */
export function movedDay(day: string, absences: readonly Absence[], days: number, year: SchoolYear): string {
  let moved = day;
  // Each turn ends after the absence that it left, so it leaves each once.
  for (;;) {
    const held = absenceOn(absences, moved);
    if (!held) return moved;
    moved = schoolDayAfter(held.to, days, year);
  }
}

function schoolDayAfter(last: string, days: number, year: SchoolYear): string {
  let day = last;
  for (let counted = 0; counted < days; counted += 1) day = nextSchoolDay(addDays(day, 1), year);
  return day;
}
