import { likeness } from '../../alike/likeness';
import { roundHalfUp } from '../../text/round';
import { known, NOT_KNOWN, withinLimits } from '../condition';
import type { RequirementKind } from '../kind';

interface OwnWordsSettings {
  /** Most per cent of the words that may be alike with others'. */
  readonly maxPercent?: number;
}

/** Own words: on the server only, since no classmate's text ever reaches a student's browser. */
export const ownWords: RequirementKind<OwnWordsSettings> = {
  kind: 'ownWords',
  settings: { maxPercent: { type: 'number', minimum: 0, maximum: 100 } },
  measure({ maxPercent: max }, post, assignment) {
    const target = max === undefined ? {} : { max };
    if (!post.others)
      return {
        measured: null,
        target,
        conditions: [NOT_KNOWN],
        places: [],
        message: { key: 'unknown', values: { max: max ?? 0 } },
        unknown: 'server',
      };
    const { words, alike, passages } = likeness(post.body, { ...assignment, others: post.others });
    const percent = words === 0 ? 0 : (alike * 100) / words;
    const condition = words === 0 ? known(0) : withinLimits(target, percent);
    const measured = roundHalfUp(percent, 1);
    return {
      measured,
      target,
      conditions: [condition],
      places: passages.map(({ from, to }) => ({ from, to, reason: 'alike' })),
      message: {
        key: words === 0 ? 'none' : condition.over ? 'over' : 'within',
        values: { measured, max: max ?? 100 },
      },
    };
  },
};
