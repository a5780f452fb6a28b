import { isCovered } from '../../../core/document/credits';
import { work } from '../../ground/work/work';
import type { HandedInText } from '../../tables/revisionCopies';
import type { Writing } from '../../tables/writings';

/** What was handed in as somebody may read it. */
export interface HandInShown {
  readonly writing: Writing;
  /** See `htmlForReaders`. */
  readonly html: string;
  /** Whether they may see what stands at a place of its plain text, in UTF-16 units. */
  readonly seen: (from: number, to: number) => boolean;
}

export function plainly(writing: Writing, { html }: Pick<HandedInText, 'html'>): HandInShown {
  return { writing, html, seen: () => true };
}

/**
 * What was handed in without what says beside the text itself whose it is.
 * @param by who reads it
 */
export async function anonymously(written: Writing, by: string): Promise<HandInShown> {
  const covered = await work('withoutCredits', { body: written.body }, by);
  // Rather nothing than a name.
  if (!covered.ok) throw new Error('what was handed in could not be shown without its credits');
  const { body, html, plainText } = covered.value;
  return {
    writing: { ...written, body },
    html,
    seen: (from, to) => !isCovered(plainText.slice(from, to)),
  };
}
