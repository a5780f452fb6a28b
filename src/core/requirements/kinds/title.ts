import { characterCount } from '../../text/graphemes';
import { known, withinLimits } from '../condition';
import type { RequirementKind } from '../kind';
import { count } from '../settings';
import { titlePattern } from '../titlePattern';

interface TitleSettings {
  readonly maxCharacters?: number;
  /** Fixed text with `{number}`, `{week}` and `{date}` in it. */
  readonly startsWith?: string;
}

export const title: RequirementKind<TitleSettings> = {
  kind: 'title',
  settings: { maxCharacters: count, startsWith: { type: 'string', minLength: 1, maxLength: 200 } },
  seen: (_, post) => [post.title],
  measure({ maxCharacters, startsWith }, post, assignment) {
    const measured = characterCount(post.title);
    const length = maxCharacters === undefined ? null : withinLimits({ max: maxCharacters }, measured);
    const pattern = startsWith === undefined ? null : titlePattern(startsWith, assignment);
    const begins = pattern?.begins(post.title) ?? true;
    const values = {
      measured,
      max: maxCharacters ?? 0,
      tooMany: Math.max(0, measured - (maxCharacters ?? measured)),
      beginning: pattern?.example ?? '',
      missing: begins || !pattern ? 'none' : pattern.firstMissing(post.title),
    };
    return {
      measured,
      target: maxCharacters === undefined ? {} : { max: maxCharacters },
      conditions: [...(length ? [length] : []), ...(pattern ? [known(begins ? 1 : 0)] : [])],
      places: [],
      message: { key: messageKey(begins, length?.over === true, measured, pattern !== null), values },
    };
  },
};

function messageKey(begins: boolean, tooLong: boolean, measured: number, hasPattern: boolean): string {
  if (tooLong) return 'over';
  if (!begins) return 'begins';
  if (measured === 0) return 'none';
  return hasPattern ? 'beginsWell' : 'fine';
}
