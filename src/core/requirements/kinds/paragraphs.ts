import type { BlockRead } from '../../document/blockRead';
import { reading, type Reading } from '../../document/reading';
import { messageOfNothing, ofEach, targetOf, withinLimits, type Condition } from '../condition';
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
    const { min = 0, max, maxWordsEach } = settings;
    const tooLong: { readonly from: number; readonly to: number }[] = [];
    let measured = 0;
    const read = reading(post.body);
    const counts = read.column('paragraphs', '', wordsOfParagraph);
    const most = maxWordsEach ?? Infinity;
    for (let index = 0; index < counts.length; index += 1) {
      const words = counts[index]!;
      if (words > 0) measured += 1;
      if (words > most) tooLong.push(placeOf(read, index));
    }
    const conditions = conditionsOf(settings, measured, tooLong.length);
    const key =
      max !== undefined && measured > max
        ? 'over'
        : measured < min
          ? 'below'
          : tooLong.length > 0
            ? 'long'
            : measured === 0
              ? messageOfNothing(conditions)
              : 'enough';
    return {
      measured,
      target: targetOf(settings),
      conditions,
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

function placeOf({ blocks, starts }: Reading, index: number): { readonly from: number; readonly to: number } {
  const from = starts[index]!;
  return { from, to: from + blocks[index]!.node.nodeSize };
}

/** The words of a block that is a paragraph itself. */
function wordsOfParagraph({ node, texts }: BlockRead): number {
  return node.type.name === 'paragraph' ? (texts[0]?.words ?? 0) : 0;
}

function conditionsOf(settings: ParagraphsSettings, measured: number, tooLong: number): Condition[] {
  const conditions: Condition[] = [];
  if (settings.min !== undefined || settings.max !== undefined)
    conditions.push(withinLimits(settings, measured));
  if (settings.maxWordsEach !== undefined) conditions.push(ofEach(measured - tooLong, measured));
  return conditions;
}
