import { labelKey } from './labelKey';

/** What a label is called now; null for one that was taken away. */
export type LabelChanges = ReadonlyMap<string, string | null>;

/**
 * The labels of a post as readers see them now: changed ones under their new name, each once, those that were taken
 * away and those that still wait for a teacher left out.
 * @param changes by the label's key (`labelKey`)
 * @param waiting keys of labels that wait for a teacher
 */
export function shownLabels(
  labels: readonly string[],
  changes: LabelChanges,
  waiting: ReadonlySet<string> = new Set(),
): readonly string[] {
  const shown = new Map<string, string>();
  for (const label of labels) {
    const now = presentLabel(label, changes);
    if (now !== null && !waiting.has(labelKey(now))) shown.set(labelKey(now), now);
  }
  return [...shown.values()];
}

/** Follows the changes of a label, one after the other, to what it is called now. */
function presentLabel(label: string, changes: LabelChanges): string | null {
  let now: string | null = label;
  // A label that came back to an old name would go round for ever.
  const seen = new Set<string>();
  while (now !== null && changes.has(labelKey(now)) && !seen.has(labelKey(now))) {
    seen.add(labelKey(now));
    const next: string | null = changes.get(labelKey(now)) ?? null;
    // The same label in another spelling is where it ends.
    if (next !== null && labelKey(next) === labelKey(now)) return next;
    now = next;
  }
  return now;
}
