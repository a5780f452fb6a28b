import { atLeast, messageOfNothing, ofEach, targetOf, type Condition } from '../condition';
import type { RequirementKind } from '../kind';
import { count, flag } from '../settings';
import { blocksOfUses, starterUses } from '../starterUses';

interface StartersSettings {
  /** How many different ones at least. */
  readonly min?: number;
  readonly noneUnfinished?: boolean;
}

/** Sentence starters of the assignment that the post uses. An unfinished one counts as used. */
export const starters: RequirementKind<StartersSettings> = {
  kind: 'starters',
  settings: { min: count, noneUnfinished: flag },
  seen: (_, post, assignment) => [blocksOfUses(post.body, assignment)],
  measure(settings, post, assignment) {
    const { min = 0, noneUnfinished = false } = settings;
    const uses = starterUses(post.body, assignment);
    const used = new Set(uses.map((use) => use.starter)).size;
    const unfinished = uses.filter((use) => use.unfinished);
    const open = new Set(unfinished.map((use) => use.starter));
    const conditions: Condition[] = [];
    if (settings.min !== undefined) conditions.push(atLeast(min, used));
    if (noneUnfinished) conditions.push(ofEach(used - open.size, used));
    const first = unfinished[0];
    const key =
      noneUnfinished && first
        ? 'unfinished'
        : used < min
          ? 'below'
          : used === 0
            ? messageOfNothing(conditions)
            : 'enough';
    return {
      measured: used,
      target: targetOf(settings),
      conditions,
      places: noneUnfinished ? unfinished.map(({ from, to }) => ({ from, to, reason: 'unfinished' })) : [],
      message: {
        key,
        values: {
          measured: used,
          min,
          toGo: Math.max(0, min - used),
          unfinished: open.size,
          starter: first ? (assignment.starters[first.starter] ?? '') : '',
        },
      },
    };
  },
};
