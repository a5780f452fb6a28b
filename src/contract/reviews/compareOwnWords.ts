import { deed } from '../deed';
import type { Passage } from '../../core/notes/passage';

/** Another text in which passages of a hand-in stand too. */
export interface AlikeShown {
  /** `hidden`: a classmate's while names are hidden. */
  readonly kind: 'post' | 'hidden' | 'source' | 'elsewhere';
  /** Who wrote it, or what the source is called; empty for a post of a class that the teacher does not teach, and while names are hidden. */
  readonly name: string;
  /** What it was written for; empty for a source. */
  readonly assignment: string;
  /** The class, where it is another one. */
  readonly className: string;
  /** When it was handed in, in words; empty for a source. */
  readonly handedIn: string;
  /** Leads to a post that can be read; null for all others. */
  readonly postId: string | null;
  /** The words in all passages that both have. */
  readonly words: number;
  /** None for a post of a class that the teacher does not teach. */
  readonly passages: readonly AlikePassage[];
}

/** A passage where it stands in the hand-in's plain text, and how it stands in both. */
interface AlikePassage extends Passage {
  readonly here: string;
  readonly there: { readonly before: string; readonly text: string; readonly after: string };
}

/** Which passages of a hand-in stand in other posts and in given sources, as these are now. */
export const compareOwnWords = deed({
  name: 'compareOwnWords',
  on: 'handIn',
  action: 'post.review',
  looksOnly: true,
  outside: true,
}).answers<readonly AlikeShown[]>();
