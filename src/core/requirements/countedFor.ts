import type { CountOptions } from '../document/countedBlocks';
import type { AssignmentToCheck } from './requirement';

/** What of an assignment says which words of its posts count. */
export type WordsAsked = Pick<AssignmentToCheck, 'outline' | 'requirements'>;

/**
 * Which words of an assignment's posts count wherever their number is said: those that its requirement of words counts, else
 * those that count by default, headings of its outline never.
 * @param asked null for a post that nobody asked for
 */
export function countedFor(asked: WordsAsked | null): CountOptions {
  if (!asked) return {};
  const words = asked.requirements.find((one) => one.kind === 'words');
  return countedBy({ ...words }, asked.outline);
}

/** Which words a requirement of words counts, in an assignment with such an outline. */
export function countedBy(
  settings: Readonly<Record<string, unknown>>,
  outline: readonly string[],
): CountOptions {
  return {
    outline,
    excludeQuotations: settings['excludeQuotations'] === true,
    excludeHeadings: settings['excludeHeadings'] === true,
  };
}
