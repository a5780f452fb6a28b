import { reading } from '../../document/reading';
import { sections, wordCounter, type Section } from '../../document/sections';
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
  readonly section: Section | null;
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
    const all = sections(post.body);
    const keys = reading(post.body).ofHeadings('heading keys', '', headingKey);
    const found = wanted.map(({ text }) => all[keys.indexOf(headingKey(text))] ?? null);
    const placed = inOrder ? longestRisingRun(found) : null;
    const wordsBetween = wordCounter(post.body, { outline: assignment.outline });
    const checked = wanted.map((heading, index) =>
      checkPart(heading, found[index] ?? null, {
        isPlaced: placed?.has(index) ?? true,
        wordsBetween,
      }),
    );
    const fulfilled = checked.filter((part) => part.share === 1).length;
    const first = checked.find((part) => part.lack !== null);
    return {
      measured: fulfilled,
      target: { min: wanted.length },
      conditions: checked.map((part) => known(part.share)),
      places: checked.flatMap(({ section, lack }) =>
        section && lack ? [{ from: section.position, to: section.end, reason: lack }] : [],
      ),
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
  section: Section | null,
  {
    isPlaced,
    wordsBetween,
  }: { readonly isPlaced: boolean; readonly wordsBetween: (from: number, to: number) => number },
): Part {
  if (!section) return { wanted, section, words: 0, share: 0, lack: 'missing' };
  // The heading's own words stand at its position; what is under it begins after.
  const words = wordsBetween(section.position + 1, section.end);
  if (!isPlaced) return { wanted, section, words, share: 0, lack: 'misplaced' };
  const share = wanted.minWords ? Math.min(1, words / wanted.minWords) : 1;
  return { wanted, section, words, share, lack: share < 1 ? 'short' : null };
}

/**
 * Which of the headings stand in the order that is asked for: the longest run that rises; of equally long ones that whose
 * headings come first in the list.
 */
function longestRisingRun(found: readonly (Section | null)[]): ReadonlySet<number> {
  // best[i]: the longest run that begins with heading i. Looking from the end, the first of equals comes first in the list.
  const best: (readonly number[])[] = [];
  for (let index = found.length - 1; index >= 0; index -= 1) {
    const here = found[index];
    if (!here) continue;
    let tail: readonly number[] = [];
    for (let later = index + 1; later < found.length; later += 1) {
      const next = found[later];
      const run = best[later];
      if (next && run && next.position > here.position && run.length > tail.length) tail = run;
    }
    best[index] = [index, ...tail];
  }
  let longest: readonly number[] = [];
  best.forEach((run) => {
    if (run.length > longest.length) longest = run;
  });
  return new Set(longest);
}
