import { LONGEST_PRESSED, PRESSED_HOURS, type PressedHours } from '../../core/classes/deskRules';
import { PROMISE_MINUTES } from '../../core/safety/promisedBy';
import type { Database } from '../ground/database/database';

type Rule = 'pressedHours' | 'promiseMinutes';

/** How long at most, in hours, a press without a line counts in any class of the school; where nothing is said, as long as it can be. */
export async function findSchoolSpan(database: Database): Promise<PressedHours> {
  const value = await findRule(database, 'pressedHours');
  return PRESSED_HOURS.find((hours) => hours === value) ?? LONGEST_PRESSED;
}

export async function updateSchoolSpan(database: Database, hours: PressedHours): Promise<void> {
  await updateRule(database, 'pressedHours', hours);
}

/** What the school says to whoever tells a worry: by what time of a school day it is answered, in minutes after midnight, and where else there is help. */
export interface Promised {
  readonly minutes: number;
  /** Empty until the school writes it. */
  readonly help: string;
}

export async function findPromise(database: Database): Promise<Promised> {
  const minutes = (await findRule(database, 'promiseMinutes')) ?? PROMISE_MINUTES.usual;
  const [row] = await database.rows<{ readonly words: string }>(
    "SELECT words FROM school_lines WHERE name = 'help'",
  );
  return { minutes, help: row?.words ?? '' };
}

export async function updatePromise(database: Database, { minutes, help }: Promised): Promise<void> {
  await updateRule(database, 'promiseMinutes', minutes);
  await database.change(
    `INSERT INTO school_lines (name, words) VALUES ('help', :help) ON DUPLICATE KEY UPDATE words = :help`,
    { help },
  );
}

async function findRule(database: Database, name: Rule): Promise<number | null> {
  const [row] = await database.rows<{ readonly value: number }>(
    'SELECT value FROM school_rules WHERE name = :name',
    { name },
  );
  return row?.value ?? null;
}

async function updateRule(database: Database, name: Rule, value: number): Promise<void> {
  await database.change(
    'INSERT INTO school_rules (name, value) VALUES (:name, :value) ON DUPLICATE KEY UPDATE value = :value',
    { name, value },
  );
}
