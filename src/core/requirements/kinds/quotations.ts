import { reading } from '../../document/reading';
import { nodesOfType } from '../../document/nodesOfType';
import { hasSource } from '../../document/quotations';
import { atLeast, messageOfNothing, ofEach, targetOf, type Condition } from '../condition';
import type { RequirementKind } from '../kind';
import { count, flag } from '../settings';

interface QuotationsSettings {
  readonly min?: number;
  /** Each with its source. */
  readonly source?: boolean;
}

/** Quotations, the outermost where one stands in another. */
export const quotations: RequirementKind<QuotationsSettings> = {
  kind: 'quotations',
  settings: { min: count, source: flag },
  seen: (_, post) => [reading(post.body).with('blockquote')],
  measure(settings, post) {
    const { min = 0, source = false } = settings;
    const all = nodesOfType(post.body, 'blockquote');
    const lacking = all.filter(({ node }) => source && !hasSource(node));
    const counting = all.length - lacking.length;
    const conditions: Condition[] = [];
    if (settings.min !== undefined) conditions.push(atLeast(min, counting));
    else if (source) conditions.push(ofEach(counting, all.length));
    const key =
      lacking.length > 0 && (settings.min === undefined || counting < min)
        ? 'source'
        : counting < min
          ? 'below'
          : all.length === 0
            ? messageOfNothing(conditions)
            : 'enough';
    return {
      measured: counting,
      target: targetOf(settings),
      conditions,
      places: lacking.map(({ node, position }) => ({
        from: position,
        to: position + node.nodeSize,
        reason: 'source',
      })),
      message: {
        key,
        values: { measured: counting, min, toGo: Math.max(0, min - counting), lacking: lacking.length },
      },
    };
  },
};
