import { atLeast, messageOfNothing, NOT_KNOWN, ofEach, targetOf, type Condition } from '../condition';
import type { RequirementKind } from '../kind';
import { count } from '../settings';

interface CommentsSettings {
  readonly min?: number;
  /** Least words in each that counts. */
  readonly minWords?: number;
}

/** Different posts of classmates that the writer has commented on; on the server only. */
export const comments: RequirementKind<CommentsSettings> = {
  kind: 'comments',
  settings: { min: count, minWords: count },
  measure(settings, post) {
    const { min = 0, minWords = 0 } = settings;
    const target = targetOf(settings);
    const given = post.commentsGiven;
    if (!given)
      return {
        measured: null,
        target,
        conditions: [NOT_KNOWN],
        places: [],
        message: { key: 'unknown', values: { min } },
        unknown: 'server',
      };
    const all = new Set(given.map((one) => one.post)).size;
    const measured = new Set(given.filter((one) => one.words >= minWords).map((one) => one.post)).size;
    const conditions: Condition[] = [];
    if (settings.min !== undefined) conditions.push(atLeast(min, measured));
    else if (settings.minWords !== undefined) conditions.push(ofEach(measured, all));
    const short = all - measured;
    const isEnough = settings.min === undefined ? short === 0 : measured >= min;
    const nothing = messageOfNothing(conditions);
    const key =
      short > 0 && !isEnough ? 'short' : measured < min ? 'below' : measured === 0 ? nothing : 'enough';
    return {
      measured,
      target,
      conditions,
      places: [],
      message: { key, values: { measured, min, toGo: Math.max(0, min - measured), short, minWords } },
    };
  },
};
