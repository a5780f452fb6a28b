import { characterCount } from '../../text/graphemes';
import { withinLimits } from '../condition';
import type { RequirementKind } from '../kind';
import { count } from '../settings';

interface TeaserSettings {
  readonly minCharacters?: number;
  readonly maxCharacters?: number;
}

/** The short text that stands for the post on the front page; characters as a person sees them. */
export const teaser: RequirementKind<TeaserSettings> = {
  kind: 'teaser',
  settings: { minCharacters: count, maxCharacters: count },
  seen: (_, post) => [post.teaser],
  measure({ minCharacters: min, maxCharacters: max }, post) {
    const measured = characterCount(post.teaser ?? '');
    const limits = { ...(min === undefined ? {} : { min }), ...(max === undefined ? {} : { max }) };
    const condition = withinLimits(limits, measured);
    const key = condition.over ? 'over' : condition.share < 1 ? 'below' : measured === 0 ? 'none' : 'within';
    return {
      measured,
      target: limits,
      conditions: min === undefined && max === undefined ? [] : [condition],
      places: [],
      message: {
        key,
        values: {
          measured,
          min: min ?? 0,
          max: max ?? 0,
          toGo: Math.max(0, (min ?? 0) - measured),
          tooMany: Math.max(0, measured - (max ?? measured)),
        },
      },
    };
  },
};
