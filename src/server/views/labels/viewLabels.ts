import { may } from '../../../core/access/may';
import { nameInClass } from '../../../core/people/names';
import { shownLabels } from '../../../core/labels/shownLabels';
import { labelKey } from '../../../core/labels/labelKey';
import { database } from '../../ground/database/database';
import type { Desk } from '../../deeds/sessions/desk';
import { findLabelChanges, listLabelSet, listLabelsInUse, listProposals } from '../../tables/labels';

/** The labels of a class with how many posts have them, and those that wait; null for everybody but its teachers. */
export async function maybeLabels({ personId, role, inClass }: Desk) {
  if (!may({ personId, role }, 'class.change', {})) return null;
  const changes = await findLabelChanges(database, inClass.id);
  const counts = new Map<string, number>();
  for (const labels of await listLabelsInUse(database, inClass.id))
    for (const label of shownLabels(labels, changes))
      counts.set(labelKey(label), (counts.get(labelKey(label)) ?? 0) + 1);
  return {
    classId: inClass.id,
    desk: inClass.desk,
    labels: (await listLabelSet(database, inClass.id)).map((one) => ({
      ...one,
      posts: counts.get(labelKey(one.label)) ?? 0,
    })),
    proposals: (await listProposals(database, inClass.id)).map((one) => ({
      label: one.label,
      by: nameInClass({ ...one, penName: null }),
    })),
  };
}
