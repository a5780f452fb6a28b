import { tzOffset } from '@date-fns/tz';
import { kept } from './kept';

const MINUTE = 60_000;
const QUARTER = 15 * MINUTE;
const DAY = 86_400_000;

/**
 * The instant of a local date and time in a time zone. A time inside the gap of a clock change moves forward by the
 * gap; of two the first counts.
 * @param local `2026-11-19T16:00`, seconds allowed
 * @param timeZone IANA name
 * @returns milliseconds since 1970
 */
export function instantOf(local: string, timeZone: string): number {
  const asUtc = Date.parse(`${local}${local.length === 16 ? ':00' : ''}Z`);
  if (Number.isNaN(asUtc)) throw new RangeError(`not a local date and time: ${local}`);
  const before = offset(asUtc - DAY, timeZone);
  const after = offset(asUtc + DAY, timeZone);
  const candidates = [asUtc - before, asUtc - after].filter((at) => at + offset(at, timeZone) === asUtc);
  return candidates.length ? Math.min(...candidates) : asUtc - before;
}

/** The local calendar date of an instant, `2026-11-19`. */
export function localDate(instant: number, timeZone: string): string {
  return new Date(instant + offset(instant, timeZone)).toISOString().slice(0, 10);
}

/** The local date and time of an instant, to the minute: `2026-11-19T16:00`. */
export function localMinute(instant: number, timeZone: string): string {
  return new Date(instant + offset(instant, timeZone)).toISOString().slice(0, 16);
}

/** Whether an IANA name is known on this machine. */
export function isTimeZone(name: string): boolean {
  return name.length > 0 && !Number.isNaN(tzOffset(name, new Date(0)));
}

/** The calendar date `days` after another one. */
export function addDays(date: string, days: number): string {
  return new Date(Date.parse(`${date}T00:00:00Z`) + days * DAY).toISOString().slice(0, 10);
}

/** 1 for Monday to 7 for Sunday. */
export function weekday(date: string): number {
  return new Date(`${date}T00:00:00Z`).getUTCDay() || 7;
}

const offsets = new Map<string, number>();
const days = new Map<string, number | 'changes'>();

/** Finding out how the clocks stand takes long: on most days they stand alike from its beginning to its end. */
function offset(instant: number, timeZone: string): number {
  const day = Math.floor(instant / DAY);
  const ofDay = kept(days, `${timeZone} ${day}`, () => {
    const [begins, ends] = [offsetOfQuarter(day * DAY, timeZone), offsetOfQuarter((day + 1) * DAY, timeZone)];
    return begins === ends ? begins : 'changes';
  });
  return ofDay === 'changes' ? offsetOfQuarter(instant, timeZone) : ofDay;
}

/** Since the seventies clocks change at whole quarters of an hour only. */
function offsetOfQuarter(instant: number, timeZone: string): number {
  const quarter = Math.floor(instant / QUARTER);
  return kept(
    offsets,
    `${timeZone} ${quarter}`,
    () => tzOffset(timeZone, new Date(quarter * QUARTER)) * MINUTE,
  );
}
