import { shownLabels } from '../../../core/labels/shownLabels';
import { labelKey } from '../../../core/labels/labelKey';
import type { ClassRow } from '../../tables/classes';
import type { Database } from '../../ground/database/database';
import { findLabelChanges, insertLabel, insertProposal, listLabels } from '../../tables/labels';

/** Labels of a hand-in that the class does not have yet: they join its set, or wait for a teacher where it says so. */
export async function takeLabels(
  database: Database,
  inClass: ClassRow,
  {
    postId,
    writerId,
    labels,
    now,
  }: {
    readonly postId: string;
    readonly writerId: string;
    readonly labels: readonly string[];
    readonly now: Date;
  },
): Promise<void> {
  const known = new Set((await listLabels(database, inClass.id)).map(labelKey));
  for (const label of shownLabels(labels, await findLabelChanges(database, inClass.id))) {
    if (known.has(labelKey(label)) || labelKey(label) === '') continue;
    if (inClass.desk.labelsWait)
      await insertProposal(database, { classId: inClass.id, label, postId, at: now });
    else await insertLabel(database, inClass.id, label, { meaning: '', drawing: null, broughtBy: writerId });
  }
}
