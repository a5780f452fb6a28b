import { blocksInDoubt, unknownWords } from '../../spelling/unknownWords';
import { NOT_KNOWN, withinLimits } from '../condition';
import type { RequirementKind } from '../kind';
import { count } from '../settings';

interface SpellingSettings {
  /** Most words that stand in no dictionary. */
  readonly maxUnknown?: number;
}

/** Different words that stand neither in the dictionary of the class's language nor among the class's own words. */
export const spelling: RequirementKind<SpellingSettings> = {
  kind: 'spelling',
  settings: { maxUnknown: count },
  seen: (_, { speller, classWords, body }, { outline }) => [
    speller,
    classWords,
    speller && blocksInDoubt(body, { speller, outline }),
  ],
  measure({ maxUnknown: max }, post, assignment) {
    const target = max === undefined ? {} : { max };
    const { speller } = post;
    if (!speller) {
      const unknown = speller === null ? 'language' : 'server';
      return {
        measured: null,
        target,
        conditions: [NOT_KNOWN],
        places: [],
        message: { key: unknown, values: {} },
        unknown,
      };
    }
    const found = unknownWords(post.body, {
      speller,
      classWords: post.classWords ?? [],
      outline: assignment.outline,
    });
    const condition = withinLimits(target, found.length);
    return {
      measured: found.length,
      target,
      conditions: max === undefined ? [] : [condition],
      places: found.flatMap(({ places }) => places.map((place) => ({ ...place, reason: 'unknown' }))),
      message: {
        key: condition.over ? 'over' : found.length === 0 ? 'none' : 'within',
        values: {
          measured: found.length,
          max: max ?? 0,
          tooMany: Math.max(0, found.length - (max ?? found.length)),
          word: found[0]?.word ?? '',
        },
      },
    };
  },
};
