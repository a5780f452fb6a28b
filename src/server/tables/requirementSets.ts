import type { Requirement } from '../../core/requirements/requirement';
import type { Database } from '../ground/database/database';
import { assignmentColumns } from './columns';

export interface RequirementSetRow {
  readonly id: string;
  readonly ownerId: string;
  readonly title: string;
  readonly requirements: readonly Requirement[];
  readonly shared: boolean;
}

const MAY_USE = '(owner_id = :teacherId OR shared)';

/** The sets that a teacher may use, without what is in them: their own, and those that others share. */
export async function listRequirementSets(
  database: Database,
  teacherId: string,
): Promise<
  readonly (Omit<RequirementSetRow, 'requirements'> & {
    readonly givenName: string;
    readonly familyName: string;
  })[]
> {
  const rows = await database.rows<
    Omit<RequirementSetRow, 'requirements' | 'shared'> & {
      readonly shared: number;
      readonly givenName: string;
      readonly familyName: string;
    }
  >(
    `SELECT requirement_sets.id, owner_id AS ownerId, title, shared, given_name AS givenName, family_name AS familyName
     FROM requirement_sets JOIN people ON people.id = owner_id
     WHERE ${MAY_USE} ORDER BY title, requirement_sets.id`,
    { teacherId },
  );
  return rows.map((row) => ({ ...row, shared: row.shared === 1 }));
}

/** What is in a set that a teacher may use; null where there is none. */
export async function findSetRequirements(
  database: Database,
  { id, teacherId }: { readonly id: string; readonly teacherId: string },
): Promise<readonly Requirement[] | null> {
  const [row] = await database.rows<{ readonly requirements: string }>(
    `SELECT requirements FROM requirement_sets WHERE id = :id AND ${MAY_USE}`,
    { id, teacherId },
  );
  return row ? assignmentColumns.requirements(row.requirements) : null;
}

export async function insertRequirementSet(
  database: Database,
  set: RequirementSetRow & { readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO requirement_sets (id, owner_id, title, requirements, shared, kept_at)
     VALUES (:id, :ownerId, :title, :requirements, :shared, :at)`,
    { ...set, requirements: JSON.stringify(set.requirements) },
  );
}

/** Deletes a teacher's own set; how many went, 0 or 1. */
export async function deleteRequirementSet(
  database: Database,
  { id, ownerId }: { readonly id: string; readonly ownerId: string },
): Promise<number> {
  return database.change('DELETE FROM requirement_sets WHERE id = :id AND owner_id = :ownerId', {
    id,
    ownerId,
  });
}
