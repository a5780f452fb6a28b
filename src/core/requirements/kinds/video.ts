import { nodesOfType } from '../../document/nodesOfType';
import { wordCounter } from '../../document/sections';
import { atLeast, known, messageOfNothing, targetOf, withinLimits, type Condition } from '../condition';
import type { RequirementKind } from '../kind';
import { count } from '../settings';

interface VideoSettings {
  readonly min?: number;
  readonly max?: number;
  /** Least words before the first. */
  readonly introductionWords?: number;
}

/** Videos, and words that introduce the first of them. */
export const video: RequirementKind<VideoSettings> = {
  kind: 'video',
  settings: { min: count, max: count, introductionWords: count },
  measure(settings, post, assignment) {
    const found = nodesOfType(post.body, 'video');
    const first = found[0];
    const measured = found.length;
    const { min = 0, max, introductionWords = 0 } = settings;
    const words = first ? wordCounter(post.body, { outline: assignment.outline })(0, first.position) : 0;
    const conditions: Condition[] = [];
    if (settings.min !== undefined || max !== undefined) conditions.push(withinLimits(settings, measured));
    if (settings.introductionWords !== undefined)
      conditions.push(first ? atLeast(introductionWords, words) : known(0));
    const unintroduced = first !== undefined && words < introductionWords;
    const key =
      max !== undefined && measured > max
        ? 'over'
        : measured < min
          ? 'below'
          : unintroduced
            ? 'introduction'
            : measured === 0
              ? messageOfNothing(conditions)
              : 'enough';
    return {
      measured,
      target: targetOf(settings),
      conditions,
      places:
        first && unintroduced
          ? [{ from: first.position, to: first.position + first.node.nodeSize, reason: 'introduction' }]
          : [],
      message: {
        key,
        values: {
          measured,
          min,
          max: max ?? 0,
          toGo: Math.max(0, min - measured),
          tooMany: Math.max(0, measured - (max ?? measured)),
          words: Math.max(0, introductionWords - words),
        },
      },
    };
  },
};
