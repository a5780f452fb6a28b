import type { Database } from '../ground/database/database';

export interface SessionRow {
  readonly personId: string;
  readonly classId: string | null;
  readonly usedAt: Date;
  /** How long it lives without use, in milliseconds. */
  readonly idle: number;
}

export async function insertSession(
  database: Database,
  session: {
    readonly id: string;
    readonly device: string;
    readonly idle: number;
    readonly tokenHash: Buffer;
    readonly personId: string;
    readonly classId: string | null;
    readonly now: Date;
    readonly expiresAt: Date;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO sessions (token_hash, id, person_id, class_id, device, idle_ms, created_at, used_at, expires_at)
     VALUES (:tokenHash, :id, :personId, :classId, :device, :idle, :now, :now, :expiresAt)`,
    session,
  );
}

export async function findLiveSession(
  database: Database,
  tokenHash: Buffer,
  now: Date,
): Promise<SessionRow | null> {
  const [row] = await database.rows<SessionRow>(
    `SELECT person_id AS personId, class_id AS classId, used_at AS usedAt, idle_ms AS idle FROM sessions
     WHERE token_hash = :tokenHash AND expires_at > :now`,
    { tokenHash, now },
  );
  return row ?? null;
}

export async function touchSession(
  database: Database,
  tokenHash: Buffer,
  now: Date,
  expiresAt: Date,
): Promise<void> {
  await database.change(
    'UPDATE sessions SET used_at = :now, expires_at = :expiresAt WHERE token_hash = :tokenHash',
    {
      tokenHash,
      now,
      expiresAt,
    },
  );
}

export async function deleteSession(database: Database, tokenHash: Buffer): Promise<void> {
  await database.change('DELETE FROM sessions WHERE token_hash = :tokenHash', { tokenHash });
}

/** The class that a session looks at, from now on. */
export async function updateSessionClass(
  database: Database,
  tokenHash: Buffer,
  classId: string,
): Promise<void> {
  await database.change('UPDATE sessions SET class_id = :classId WHERE token_hash = :tokenHash', {
    tokenHash,
    classId,
  });
}

export interface OwnSessionRow {
  readonly id: string;
  readonly device: string;
  readonly createdAt: Date;
  readonly usedAt: Date;
  readonly isThis: number;
}

/** The live sessions of a person, the one used last first. */
export async function listSessions(
  database: Database,
  { personId, tokenHash, now }: { readonly personId: string; readonly tokenHash: Buffer; readonly now: Date },
): Promise<readonly OwnSessionRow[]> {
  return database.rows<OwnSessionRow>(
    `SELECT id, device, created_at AS createdAt, used_at AS usedAt, token_hash = :tokenHash AS isThis FROM sessions
     WHERE person_id = :personId AND expires_at > :now ORDER BY used_at DESC`,
    { personId, tokenHash, now },
  );
}

/** Ends one of a person's sessions by its id. */
export async function deleteSessionById(database: Database, personId: string, id: string): Promise<number> {
  return database.change("DELETE FROM sessions WHERE person_id = :personId AND id = :id AND id <> ''", {
    personId,
    id,
  });
}

/** Ends every session of a person but one; `except` null ends all. */
export async function deleteOtherSessions(
  database: Database,
  personId: string,
  except: Buffer | null,
): Promise<void> {
  await database.change(
    'DELETE FROM sessions WHERE person_id = :personId AND (:except IS NULL OR token_hash <> :except)',
    { personId, except },
  );
}
