import type { Database } from '../ground/database/database';

export interface PasswordResetRow {
  readonly personId: string;
  readonly expiresAt: Date;
  readonly usedAt: Date | null;
}

export async function insertPasswordReset(
  database: Database,
  reset: { readonly tokenHash: Buffer; readonly personId: string; readonly expiresAt: Date },
): Promise<void> {
  await database.change(
    'INSERT INTO password_resets (token_hash, person_id, expires_at) VALUES (:tokenHash, :personId, :expiresAt)',
    reset,
  );
}

const RESET = `SELECT person_id AS personId, expires_at AS expiresAt, used_at AS usedAt FROM password_resets
  WHERE token_hash = :tokenHash`;

export async function findPasswordReset(
  database: Database,
  tokenHash: Buffer,
): Promise<PasswordResetRow | null> {
  const [row] = await database.rows<PasswordResetRow>(RESET, { tokenHash });
  return row ?? null;
}

/** A link for a new password, held until the transaction ends. */
export async function lockPasswordReset(
  database: Database,
  tokenHash: Buffer,
): Promise<PasswordResetRow | null> {
  const [row] = await database.rows<PasswordResetRow>(`${RESET} FOR UPDATE`, { tokenHash });
  return row ?? null;
}

/** All links of a person stop working. */
export async function markResetsUsed(database: Database, personId: string, at: Date): Promise<void> {
  await database.change(
    'UPDATE password_resets SET used_at = :at WHERE person_id = :personId AND used_at IS NULL',
    { personId, at },
  );
}
