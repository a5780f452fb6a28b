import { labelKey } from '../../labels/labelKey';
import { known, messageOfNothing, ofEach, withinLimits, type Condition } from '../condition';
import type { RequirementKind } from '../kind';
import { count, flag, labelList } from '../settings';

interface LabelsSettings {
  readonly allOf?: readonly string[];
  /** Of each group one at least. */
  readonly oneOf?: readonly (readonly string[])[];
  readonly max?: number;
  /** Only labels from the class's set. */
  readonly classOnly?: boolean;
}

export const labels: RequirementKind<LabelsSettings> = {
  kind: 'labels',
  settings: {
    allOf: labelList,
    oneOf: { type: 'array', items: labelList, maxItems: 20 },
    max: count,
    classOnly: flag,
  },
  seen: (_, post) => [post.labels],
  measure(settings, post, assignment) {
    const held = new Set(post.labels.map(labelKey).filter(Boolean));
    const missing = (settings.allOf ?? []).filter((label) => !held.has(labelKey(label)));
    const openGroups = (settings.oneOf ?? []).filter(
      (group) => !group.some((label) => held.has(labelKey(label))),
    );
    const classSet = new Set(assignment.classLabels.map(labelKey));
    const foreign = [...held].filter((label) => !classSet.has(label));
    const conditions = conditionsOf(settings, held.size, missing.length, openGroups.length, foreign.length);
    const message = messageOf(settings, post.labels, held.size, missing, openGroups, foreign);
    return {
      measured: held.size,
      target: settings.max === undefined ? {} : { max: settings.max },
      conditions,
      places: [],
      message: message.key === 'none' ? { ...message, key: messageOfNothing(conditions) } : message,
    };
  },
};

function conditionsOf(
  settings: LabelsSettings,
  held: number,
  missing: number,
  openGroups: number,
  foreign: number,
): Condition[] {
  const conditions: Condition[] = [];
  const asked = settings.allOf?.length ?? 0;
  if (asked > 0) conditions.push(ofEach(asked - missing, asked));
  const groups = settings.oneOf?.length ?? 0;
  for (let index = 0; index < groups; index += 1) conditions.push(known(index < groups - openGroups ? 1 : 0));
  if (settings.max !== undefined) conditions.push(withinLimits({ max: settings.max }, held));
  if (settings.classOnly) conditions.push(ofEach(held - foreign, held));
  return conditions;
}

function messageOf(
  settings: LabelsSettings,
  labelsHeld: readonly string[],
  held: number,
  missing: readonly string[],
  openGroups: readonly (readonly string[])[],
  foreign: readonly string[],
) {
  const values = {
    measured: held,
    held: labelsHeld.join(', '),
    missing: missing.join(', '),
    missingCount: missing.length,
    group: openGroups[0]?.join(', ') ?? '',
    foreign: foreign[0] ?? '',
    max: settings.max ?? 0,
    tooMany: Math.max(0, held - (settings.max ?? held)),
  };
  if (settings.max !== undefined && held > settings.max) return { key: 'over', values };
  if (missing.length > 0) return { key: 'missing', values };
  if (openGroups.length > 0) return { key: 'group', values };
  if (settings.classOnly && foreign.length > 0) return { key: 'foreign', values };
  return { key: held === 0 ? 'none' : 'enough', values };
}
