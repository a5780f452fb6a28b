import { LONGEST_PRESSED, PRESSED_HOURS, type PressedHours } from '../../core/classes/deskRules';
import type { Database } from '../ground/database/database';

/** How long at most, in hours, a press without a line counts in any class of the school; where nothing is said, as long as it can be. */
export async function findSchoolSpan(database: Database): Promise<PressedHours> {
  const [row] = await database.rows<{ readonly value: number }>(
    "SELECT value FROM school_rules WHERE name = 'pressedHours'",
  );
  return PRESSED_HOURS.find((hours) => hours === row?.value) ?? LONGEST_PRESSED;
}

export async function updateSchoolSpan(database: Database, hours: PressedHours): Promise<void> {
  await database.change(
    `INSERT INTO school_rules (name, value) VALUES ('pressedHours', :hours) ON DUPLICATE KEY UPDATE value = :hours`,
    { hours },
  );
}
