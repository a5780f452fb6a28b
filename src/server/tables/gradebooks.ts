import { FIRST_RULES, ROUNDINGS, type Category, type GradebookRules } from '../../core/gradebook/rules';
import type { Database } from '../ground/database/database';
import { gradebookColumns } from './columns';
import { NOT_DELETED } from './assignments';

/** The rules of a class with how often they were kept: 0 where nobody has said anything. */
export type GradebookRow = GradebookRules & { readonly version: number };

export async function findGradebook(database: Database, classId: string): Promise<GradebookRow> {
  const [row] = await database.rows<{
    readonly counting: GradebookRules['counting'];
    readonly missing: GradebookRules['missing'];
    readonly cap: string | null;
    readonly rounding: string;
    readonly bands: string;
    readonly version: number;
  }>('SELECT counting, missing, cap, rounding, bands, version FROM gradebooks WHERE class_id = :classId', {
    classId,
  });
  if (!row) return { ...FIRST_RULES, version: 0 };
  const categories = await database.rows<Omit<Category, 'weight'> & { readonly weight: string }>(
    `SELECT id, title, weight, drop_lowest AS dropLowest FROM grade_categories WHERE class_id = :classId ORDER BY place`,
    { classId },
  );
  return {
    ...row,
    cap: row.cap === null ? null : Number(row.cap),
    rounding: ROUNDINGS.find((step) => step === Number(row.rounding)) ?? FIRST_RULES.rounding,
    bands: gradebookColumns.bands(row.bands),
    categories: categories.map((category) => ({ ...category, weight: Number(category.weight) })),
  };
}

/** Keeps the rules of a class in place of those before; what stands in a category that is gone stands in none. The class is held by the caller. */
export async function keepGradebook(
  database: Database,
  classId: string,
  { categories, bands, ...rules }: GradebookRow,
): Promise<void> {
  await database.change(
    `INSERT INTO gradebooks (class_id, counting, missing, cap, rounding, bands, version)
     VALUES (:classId, :counting, :missing, :cap, :rounding, :bands, :version)
     ON DUPLICATE KEY UPDATE counting = :counting, missing = :missing, cap = :cap, rounding = :rounding, bands = :bands,
       version = :version`,
    { classId, ...rules, bands: JSON.stringify(bands) },
  );
  const kept = { classId, categories: JSON.stringify(categories) };
  await database.change(
    `DELETE FROM grade_categories WHERE class_id = :classId AND id NOT IN
       (SELECT id FROM JSON_TABLE(:categories, '$[*]' COLUMNS (id VARCHAR(16) PATH '$.id')) AS kept)`,
    kept,
  );
  await database.change(
    `INSERT INTO grade_categories (id, class_id, place, title, weight, drop_lowest)
     SELECT id, :classId, place, title, weight, dropLowest FROM JSON_TABLE(:categories, '$[*]' COLUMNS (place FOR ORDINALITY,
       id VARCHAR(16) PATH '$.id', title VARCHAR(60) PATH '$.title', weight DECIMAL(10,3) PATH '$.weight',
       dropLowest INT PATH '$.dropLowest')) AS kept
     ON DUPLICATE KEY UPDATE place = VALUES(place), title = VALUES(title), weight = VALUES(weight),
       drop_lowest = VALUES(drop_lowest)`,
    kept,
  );
}

/** In which category each column of a class counts; those in none are not named. */
export async function listPlacesOfColumns(
  database: Database,
  classId: string,
): Promise<ReadonlyMap<string, string>> {
  const rows = await database.rows<{ readonly id: string; readonly categoryId: string }>(
    `SELECT id, category_id AS categoryId FROM assignments WHERE class_id = :classId AND ${NOT_DELETED} AND category_id IS NOT NULL
     UNION ALL SELECT id, category_id FROM own_columns WHERE class_id = :classId AND category_id IS NOT NULL`,
    { classId },
  );
  return new Map(rows.map(({ id, categoryId }) => [id, categoryId]));
}

/** Puts columns of a class in categories, or with null in none. */
export async function placeColumns(
  database: Database,
  classId: string,
  places: readonly { readonly columnId: string; readonly categoryId: string | null }[],
): Promise<void> {
  if (places.length === 0) return;
  for (const table of ['assignments', 'own_columns'])
    await database.change(
      `UPDATE ${table} JOIN JSON_TABLE(:places, '$[*]' COLUMNS (columnId VARCHAR(16) PATH '$.columnId',
         categoryId VARCHAR(16) PATH '$.categoryId')) AS placed ON placed.columnId = ${table}.id
       SET ${table}.category_id = placed.categoryId WHERE class_id = :classId`,
      { classId, places: JSON.stringify(places) },
    );
}
