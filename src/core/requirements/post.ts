import type { Node } from 'prosemirror-model';

/** How a stranger fares who opens an address. */
export type OpenResult = 'opens' | 'private' | 'missing' | 'unreachable';

/** A post as its requirements see it, with what was found out about it elsewhere. */
export interface PostToCheck {
  readonly title: string;
  readonly labels: readonly string[];
  readonly body: Node;
  readonly openResults?: Readonly<Record<string, OpenResult>>;
  /** Perceptual hashes by picture source, 16 hexadecimal digits each. */
  readonly pictureHashes?: Readonly<Record<string, string>>;
}
