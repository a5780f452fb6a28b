import { isTimeZone } from '../../core/timing/zonedTime';
import { refused, type Refusal } from '../access/useCase';

const text = (maxLength: number, minLength = 0) => ({ type: 'string', minLength, maxLength });

/** JSON Schemas of a class's names. */
export const nameFields = {
  title: text(120, 1),
  groupName: text(40),
  subtitle: text(200),
  schoolName: text(120),
};

/** JSON Schemas of where and in which language a class is. */
export const placeFields = { timeZone: text(60, 1), language: text(20, 2) };

/** Why a time zone or a language cannot be, at its field, or null. */
export function placeProblem({
  timeZone,
  language,
}: {
  readonly timeZone: string;
  readonly language: string;
}): Refusal | null {
  if (!isTimeZone(timeZone)) return refused('class.noTimeZone', 'timeZone');
  return isLanguage(language) ? null : refused('class.noLanguage', 'language');
}

function isLanguage(tag: string): boolean {
  try {
    return Intl.DateTimeFormat.supportedLocalesOf(tag).length === 1;
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}
