import { reading } from '../../document/reading';
import { sectionReads, sections } from '../../document/sections';
import { alike } from '../../text/alike';
import { rememberByText } from '../../text/remember';
import { known } from '../condition';
import type { RequirementKind } from '../kind';
import { count, flag } from '../settings';

interface WantedHeading {
  readonly text: string;
  readonly minWords?: number;
}

interface PartsSettings {
  readonly headings: readonly WantedHeading[];
  readonly inOrder?: boolean;
}

type Lack = 'missing' | 'misplaced' | 'short';

interface Part {
  readonly wanted: WantedHeading;
  /** Which of the headings it is; null where there is none. */
  readonly at: number | null;
  readonly words: number;
  readonly share: number;
  readonly lack: Lack | null;
}

/** Headings that a post is built of, each with something under it. */
export const parts: RequirementKind<PartsSettings> = {
  kind: 'parts',
  settings: {
    headings: {
      type: 'array',
      maxItems: 40,
      items: {
        type: 'object',
        required: ['text'],
        additionalProperties: false,
        properties: { text: { type: 'string', minLength: 1, maxLength: 200 }, minWords: count },
      },
    },
    inOrder: flag,
  },
  required: ['headings'],
  measure({ headings: wanted, inOrder = false }, post, assignment) {
    const keys = reading(post.body).ofHeadings('heading keys', '', headingKey);
    const found = wanted.map(({ text }) => {
      const at = keys.indexOf(headingKey(text));
      return at < 0 ? null : at;
    });
    const placed = inOrder ? longestRisingRun(found) : null;
    const reads = sectionReads(post.body, assignment);
    const checked = wanted.map((heading, index) => {
      const at = found[index] ?? null;
      const words = at === null ? 0 : (reads[at]?.words ?? 0);
      return checkPart(heading, { at, words, isPlaced: placed?.has(index) ?? true });
    });
    const fulfilled = checked.filter((part) => part.share === 1).length;
    const first = checked.find((part) => part.lack !== null);
    return {
      measured: fulfilled,
      target: { min: wanted.length },
      conditions: checked.map((part) => known(part.share)),
      places: checked.flatMap(({ at, lack }) => {
        const section = at !== null && lack ? sections(post.body)[at] : undefined;
        return section && lack ? [{ from: section.position, to: section.end, reason: lack }] : [];
      }),
      message: {
        key: first?.lack ?? 'enough',
        values: {
          measured: fulfilled,
          of: wanted.length,
          heading: first?.wanted.text ?? '',
          toGo: first ? Math.max(0, (first.wanted.minWords ?? 0) - first.words) : 0,
        },
      },
    };
  },
};

/** A heading as it is compared: alike, without a leading number and its separator, without end punctuation. */
export const headingKey = rememberByText((text) => {
  const whole = alike(text);
  const bare = alike(whole.replace(/^\p{N}+(?:\.\p{N}+)*\s*[.):\p{Pd}]+(?!\p{N})\s*/u, ''));
  // A heading that is nothing but a number keeps it.
  const unnumbered = bare || whole;
  return alike(unnumbered.replace(/[\p{P}\s]+$/u, '')) || unnumbered;
});

function checkPart(
  wanted: WantedHeading,
  { at, words, isPlaced }: { readonly at: number | null; readonly words: number; readonly isPlaced: boolean },
): Part {
  if (at === null) return { wanted, at, words: 0, share: 0, lack: 'missing' };
  if (!isPlaced) return { wanted, at, words, share: 0, lack: 'misplaced' };
  const share = wanted.minWords ? Math.min(1, words / wanted.minWords) : 1;
  return { wanted, at, words, share, lack: share < 1 ? 'short' : null };
}

/**
 * Which of the headings stand in the order that is asked for: the longest run that rises; of equally long ones that whose
 * headings come first in the list.
 */
function longestRisingRun(found: readonly (number | null)[]): ReadonlySet<number> {
  // best[i]: the longest run that begins with heading i. Looking from the end, the first of equals comes first in the list.
  const best: (readonly number[])[] = [];
  for (let index = found.length - 1; index >= 0; index -= 1) {
    const here = found[index] ?? null;
    if (here === null) continue;
    let tail: readonly number[] = [];
    for (let later = index + 1; later < found.length; later += 1) {
      const next = found[later] ?? null;
      const run = best[later];
      if (next !== null && run && next > here && run.length > tail.length) tail = run;
    }
    best[index] = [index, ...tail];
  }
  let longest: readonly number[] = [];
  best.forEach((run) => {
    if (run.length > longest.length) longest = run;
  });
  return new Set(longest);
}
