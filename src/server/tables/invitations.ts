import type { ClassRole } from '../../core/access/may';
import type { Database } from '../ground/database/database';

export type InvitedRole = Extract<
  ClassRole,
  'coTeacher' | 'supplyTeacher' | 'studentEditor' | 'student' | 'reader'
>;

export interface InvitationRow {
  readonly id: string;
  readonly classId: string;
  readonly role: InvitedRole;
  readonly email: string;
  /** The student of the roster that it is for. */
  readonly personId: string | null;
  /** When the last day of who is let in for a while is over; null for everybody else. */
  readonly until: Date | null;
  readonly sentAt: Date;
  readonly expiresAt: Date;
  readonly acceptedAt: Date | null;
  readonly withdrawnAt: Date | null;
}

const COLUMNS = `id, class_id AS classId, role, email, person_id AS personId, until, sent_at AS sentAt, expires_at AS expiresAt,
  accepted_at AS acceptedAt, withdrawn_at AS withdrawnAt`;

export async function insertInvitation(
  database: Database,
  invitation: Omit<InvitationRow, 'acceptedAt' | 'withdrawnAt'> & {
    readonly tokenHash: Buffer;
    readonly invitedBy: string;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO invitations (id, class_id, role, email, person_id, until, token_hash, invited_by, sent_at, expires_at)
     VALUES (:id, :classId, :role, :email, :personId, :until, :tokenHash, :invitedBy, :sentAt, :expiresAt)`,
    { ...invitation },
  );
}

/** An invitation by its id, held until the transaction ends. */
export async function lockInvitation(database: Database, id: string): Promise<InvitationRow | null> {
  const [row] = await database.rows<InvitationRow>(
    `SELECT ${COLUMNS} FROM invitations WHERE id = :id FOR UPDATE`,
    { id },
  );
  return row ?? null;
}

/** An invitation by its link's token. */
export async function findInvitationByToken(
  database: Database,
  tokenHash: Buffer,
): Promise<InvitationRow | null> {
  const [row] = await database.rows<InvitationRow>(
    `SELECT ${COLUMNS} FROM invitations WHERE token_hash = :tokenHash`,
    { tokenHash },
  );
  return row ?? null;
}

/** An invitation by its link's token, held until the transaction ends. */
export async function lockInvitationByToken(
  database: Database,
  tokenHash: Buffer,
): Promise<InvitationRow | null> {
  const [row] = await database.rows<InvitationRow>(
    `SELECT ${COLUMNS} FROM invitations WHERE token_hash = :tokenHash FOR UPDATE`,
    { tokenHash },
  );
  return row ?? null;
}

/** The invitations of a class, the latest first. */
export async function listInvitations(
  database: Database,
  classId: string,
): Promise<readonly InvitationRow[]> {
  return database.rows<InvitationRow>(
    `SELECT ${COLUMNS} FROM invitations WHERE class_id = :classId ORDER BY sent_at DESC, id`,
    { classId },
  );
}

/** Gives an invitation another link, and perhaps another address; the old link stops working. */
export async function renewInvitation(
  database: Database,
  invitation: {
    readonly id: string;
    readonly email: string;
    readonly tokenHash: Buffer;
    readonly sentAt: Date;
    readonly expiresAt: Date;
  },
): Promise<void> {
  await database.change(
    `UPDATE invitations SET email = :email, token_hash = :tokenHash, sent_at = :sentAt, expires_at = :expiresAt,
       withdrawn_at = NULL WHERE id = :id`,
    { ...invitation },
  );
}

export async function markWithdrawn(database: Database, id: string, at: Date): Promise<void> {
  await database.change('UPDATE invitations SET withdrawn_at = :at WHERE id = :id', { id, at });
}

export async function markAccepted(
  database: Database,
  { id, personId, at }: { readonly id: string; readonly personId: string; readonly at: Date },
): Promise<void> {
  await database.change('UPDATE invitations SET accepted_at = :at, accepted_by = :personId WHERE id = :id', {
    id,
    personId,
    at,
  });
}
