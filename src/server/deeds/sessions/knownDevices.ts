import type { Database } from '../../ground/database/database';
import { tokenHash } from '../../ground/secrets/secrets';

/** Whether somebody signed in on a device before. @param device its own token */
export async function isKnownDevice(database: Database, personId: string, device: string): Promise<boolean> {
  const rows = await database.rows(
    'SELECT 1 FROM known_devices WHERE person_id = :personId AND device_hash = :deviceHash',
    { personId, deviceHash: tokenHash(device) },
  );
  return rows.length > 0;
}

/** Remembers that somebody signed in on a device. */
export async function rememberDevice(
  database: Database,
  { personId, device, at }: { readonly personId: string; readonly device: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO known_devices (person_id, device_hash, at) VALUES (:personId, :deviceHash, :at)
     ON DUPLICATE KEY UPDATE at = :at`,
    { personId, deviceHash: tokenHash(device), at },
  );
}

/** Forgets devices that nobody signed in on since a moment; how many went, a few at a time. */
export async function deleteOldDevices(database: Database, before: Date): Promise<number> {
  return database.change('DELETE FROM known_devices WHERE at < :before LIMIT 1000', { before });
}
