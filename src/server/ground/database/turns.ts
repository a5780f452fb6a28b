import type { Database } from './database';

/**
 * Takes the turn of some classes until the transaction ends: whatever narrows or widens who reads, and whatever must be there
 * once at most, comes one after the other. It is a write to a row of its own for each class, so it holds on a cluster too,
 * and nobody who only writes in the class waits for it.
 */
export async function takeTurns(database: Database, classIds: readonly string[]): Promise<void> {
  // Always in the same order, so that two deeds on several classes never wait for each other.
  for (const classId of [...new Set(classIds)].sort())
    await database.change('UPDATE class_gates SET turns = turns + 1 WHERE class_id = :classId', { classId });
}

/** What the install as a whole does one after the other. */
type InstallTurn = 'administrators' | 'people';

/** The same for what belongs to no class. */
export async function takeInstallTurn(database: Database, name: InstallTurn): Promise<void> {
  await database.change(
    'INSERT INTO install_gates (name, turns) VALUES (:name, 1) ON DUPLICATE KEY UPDATE turns = turns + 1',
    { name },
  );
}
