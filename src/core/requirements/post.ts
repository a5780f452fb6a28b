import type { Node } from 'prosemirror-model';
import type { OtherText } from '../alike/comparable';

/** How a stranger fares who opens an address. */
export type OpenResult = 'opens' | 'private' | 'missing' | 'unreachable';

/** What a teacher says to a requirement that is looked for by eye. */
export type Judgement = 'yes' | 'partly' | 'no';

/** Knows the words of a language. */
export interface Speller {
  /** Whether a word stands in the dictionary. */
  knows(word: string): boolean;
}

/** A post as its requirements see it, with what was found out about it elsewhere. */
export interface PostToCheck {
  readonly title: string;
  readonly labels: readonly string[];
  readonly body: Node;
  readonly teaser?: string;
  readonly cover?: { readonly src: string; readonly description: string } | null;
  readonly openResults?: Readonly<Record<string, OpenResult>>;
  /** Perceptual hashes by picture source, 16 hexadecimal digits each. */
  readonly pictureHashes?: Readonly<Record<string, string>>;
  /** Classmates' posts and given sources, on the server only; absent where nobody has looked. */
  readonly others?: readonly OtherText[];
  /** Comments on classmates' posts, on the server only; absent where nobody has looked. */
  readonly commentsGiven?: readonly { readonly post: string; readonly words: number }[];
  /** By the requirement's id. */
  readonly judged?: Readonly<Record<string, Judgement>>;
  /** The ids of the requirements that the writer confirmed. */
  readonly selfChecked?: readonly string[];
  /** Spellings that the class allows. */
  readonly classWords?: readonly string[];
  /** The dictionary of the class's language; null where there is none, absent while it is not at hand. */
  readonly speller?: Speller | null;
}
