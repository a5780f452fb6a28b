import { reading } from '../../document/reading';
import { nodesOfType } from '../../document/nodesOfType';
import { atLeast, messageOfNothing, ofEach, targetOf, type Condition } from '../condition';
import type { RequirementKind } from '../kind';
import { count } from '../settings';

interface TableSettings {
  readonly min?: number;
  /** Least rows in each, the header among them. */
  readonly minRows?: number;
}

/** Tables with enough rows. */
export const table: RequirementKind<TableSettings> = {
  kind: 'table',
  settings: { min: count, minRows: count },
  seen: (_, post) => [reading(post.body).with('table')],
  measure(settings, post) {
    const { min = 0, minRows = 0 } = settings;
    const all = nodesOfType(post.body, 'table');
    const short = all.filter(({ node }) => node.childCount < minRows);
    const counting = all.length - short.length;
    const conditions: Condition[] = [];
    if (settings.min !== undefined) conditions.push(atLeast(min, counting));
    else if (settings.minRows !== undefined) conditions.push(ofEach(counting, all.length));
    const isEnough = settings.min === undefined ? short.length === 0 : counting >= min;
    const key = isEnough
      ? all.length === 0
        ? messageOfNothing(conditions)
        : 'enough'
      : short.length > 0
        ? 'short'
        : 'below';
    return {
      measured: counting,
      target: targetOf(settings),
      conditions,
      places: short.map(({ node, position }) => ({
        from: position,
        to: position + node.nodeSize,
        reason: 'short',
      })),
      message: {
        key,
        values: {
          measured: counting,
          min,
          toGo: Math.max(0, min - counting),
          rows: Math.max(0, minRows - (short[0]?.node.childCount ?? 0)),
          minRows,
        },
      },
    };
  },
};
