import type { Consent, ConsentRelation } from '../../core/privacy/consent';
import type { Database } from '../ground/database/database';
import { purposesFrom } from './columns';
import { idsFrom } from './idsFrom';

export interface ConsentRow extends Consent {
  readonly id: string;
  readonly personId: string;
  readonly givenBy: string;
  readonly relation: ConsentRelation;
  readonly withdrawnAt: Date | null;
}

type Stored = Omit<ConsentRow, 'purposes' | 'withdrawn'> & { readonly purposes: string };

const COLUMNS = `consents.id, person_id AS personId, given_by AS givenBy, relation, purposes,
  DATE_FORMAT(given_on, '%Y-%m-%d') AS givenOn, DATE_FORMAT(until_day, '%Y-%m-%d') AS until, withdrawn_at AS withdrawnAt`;

function asStored(row: Stored): ConsentRow {
  return {
    ...row,
    purposes: purposesFrom(row.purposes),
    withdrawn: row.withdrawnAt !== null,
  };
}

/** The consents of everybody who is or was in a class, the latest first. */
export async function listConsentsOfClass(
  database: Database,
  classId: string,
): Promise<readonly ConsentRow[]> {
  const rows = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM consents WHERE person_id IN (SELECT person_id FROM memberships WHERE class_id = :classId)
     ORDER BY given_on DESC, recorded_at DESC`,
    { classId },
  );
  return rows.map(asStored);
}

/** The consents of some people, the latest first. */
export async function listConsentsOfPeople(
  database: Database,
  personIds: readonly string[],
): Promise<readonly ConsentRow[]> {
  const rows = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM consents
     JOIN ${idsFrom(':ids')} AS asked ON asked.id = person_id
     ORDER BY given_on DESC, recorded_at DESC`,
    { ids: JSON.stringify(personIds) },
  );
  return rows.map(asStored);
}

export async function listConsentsOf(database: Database, personId: string): Promise<readonly ConsentRow[]> {
  const rows = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM consents WHERE person_id = :personId ORDER BY given_on DESC, recorded_at DESC`,
    { personId },
  );
  return rows.map(asStored);
}

export async function insertConsent(
  database: Database,
  consent: Omit<ConsentRow, 'withdrawn' | 'withdrawnAt'> & { readonly by: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO consents (id, person_id, given_by, relation, purposes, given_on, until_day, recorded_by, recorded_at)
     VALUES (:id, :personId, :givenBy, :relation, :purposes, :givenOn, :until, :by, :at)`,
    { ...consent, purposes: JSON.stringify(consent.purposes) },
  );
}

export async function markConsentWithdrawn(
  database: Database,
  {
    id,
    personId,
    by,
    at,
  }: { readonly id: string; readonly personId: string; readonly by: string; readonly at: Date },
): Promise<number> {
  return database.change(
    `UPDATE consents SET withdrawn_at = :at, withdrawn_by = :by
     WHERE id = :id AND person_id = :personId AND withdrawn_at IS NULL`,
    { id, personId, by, at },
  );
}
