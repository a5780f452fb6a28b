import type { Arrangement } from '../../core/posts/pile';
import type { Database } from '../ground/database/database';

export interface PileOrder {
  readonly by: Arrangement;
  /** The one class whose posts lie on it; null for all. */
  readonly classId: string | null;
}

/** How somebody wants their pile; by assignment until they say otherwise. */
export async function findPileOrder(database: Database, personId: string): Promise<PileOrder> {
  const [row] = await database.rows<PileOrder>(
    'SELECT arranged AS `by`, class_id AS classId FROM pile_orders WHERE person_id = :personId',
    { personId },
  );
  return row ?? { by: 'assignment', classId: null };
}

/** Notes how somebody wants their pile. A class that is none any more counts as all. */
export async function upsertPileOrder(
  database: Database,
  personId: string,
  { by, classId }: PileOrder,
): Promise<void> {
  await database.change(
    `INSERT INTO pile_orders (person_id, arranged, class_id)
     VALUES (:personId, :by, (SELECT id FROM classes WHERE id = :classId))
     ON DUPLICATE KEY UPDATE arranged = VALUES(arranged), class_id = VALUES(class_id)`,
    { personId, by, classId },
  );
}
