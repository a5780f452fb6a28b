import { isTimeZone } from '../../../core/timing/zonedTime';
import { refused, type Refusal } from '../../ground/access/useCase';

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
