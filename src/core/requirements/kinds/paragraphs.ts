import { wordsInBlock } from '../../words/countWords';
import { ofEach, targetOf, withinLimits, type Condition } from '../condition';
import type { RequirementKind } from '../kind';
import { count } from '../settings';

interface ParagraphsSettings {
  readonly min?: number;
  readonly max?: number;
  /** Most words in each. */
  readonly maxWordsEach?: number;
}

/** Paragraphs that stand directly in the post and have at least one word. */
export const paragraphs: RequirementKind<ParagraphsSettings> = {
  kind: 'paragraphs',
  settings: { min: count, max: count, maxWordsEach: { ...count, minimum: 1 } },
  measure(settings, post) {
    const found: { readonly from: number; readonly to: number; readonly words: number }[] = [];
    post.body.forEach((node, from) => {
      const words = node.type.name === 'paragraph' ? wordsInBlock(node) : 0;
      if (words > 0) found.push({ from, to: from + node.nodeSize, words });
    });
    const { min = 0, max, maxWordsEach } = settings;
    const tooLong = found.filter(({ words }) => words > (maxWordsEach ?? Infinity));
    const measured = found.length;
    const key =
      max !== undefined && measured > max
        ? 'over'
        : measured < min
          ? 'below'
          : tooLong.length > 0
            ? 'long'
            : measured === 0
              ? 'none'
              : 'enough';
    return {
      measured,
      target: targetOf(settings),
      conditions: conditionsOf(settings, measured, tooLong.length),
      places: tooLong.map(({ from, to }) => ({ from, to, reason: 'long' })),
      message: {
        key,
        values: {
          measured,
          min,
          max: max ?? 0,
          toGo: Math.max(0, min - measured),
          tooMany: Math.max(0, measured - (max ?? measured)),
          long: tooLong.length,
          most: maxWordsEach ?? 0,
        },
      },
    };
  },
};

function conditionsOf(settings: ParagraphsSettings, measured: number, tooLong: number): Condition[] {
  const conditions: Condition[] = [];
  if (settings.min !== undefined || settings.max !== undefined)
    conditions.push(withinLimits(settings, measured));
  if (settings.maxWordsEach !== undefined) conditions.push(ofEach(measured - tooLong, measured));
  return conditions;
}
