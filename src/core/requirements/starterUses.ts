import type { Node } from 'prosemirror-model';
import { countedBlocks } from '../document/countedBlocks';
import { foldedText } from '../document/plainText';
import { rememberByNodeAnd } from '../document/remember';
import { alike } from '../text/alike';
import { rememberByText } from '../text/remember';

/** A place in the counted text where a sentence starter stands. */
export interface StarterUse {
  /** Which starter of the list. */
  readonly starter: number;
  /** The block that it stands in, as document positions. */
  readonly from: number;
  readonly to: number;
  /** Whether nothing was made of it yet. */
  readonly unfinished: boolean;
}

/** A starter as it is looked for: alike, without its trailing dots. */
export const bareStarter = rememberByText((starter) => alike(alike(starter).replace(/[.\u2026\s]+$/u, '')));

/**
 * Where a post's counted text has sentence starters, as whole words. A use is unfinished when only dots or end
 * punctuation follow before the end of the block, or an ellipsis follows it.
 */
export function starterUses(
  document: Node,
  { starters, outline }: { readonly starters: readonly string[]; readonly outline: readonly string[] },
): readonly StarterUse[] {
  const wanted = starters.map(bareStarter);
  const uses: StarterUse[] = [];
  for (const { node, position } of countedBlocks(document, { outline }))
    for (const use of usesInBlock(node, wanted))
      uses.push({ ...use, from: position, to: position + node.nodeSize });
  return uses;
}

const usesInBlock = rememberByNodeAnd(
  (wanted: readonly string[]) => wanted.join('\n'),
  (block, wanted): readonly Pick<StarterUse, 'starter' | 'unfinished'>[] => {
    const folded = foldedText(block);
    return wanted.flatMap((starter, index) =>
      endsOf(folded, starter).map((after) => ({
        starter: index,
        unfinished: isUnfinished(folded.slice(after)),
      })),
    );
  },
);

const WORD = /[\p{L}\p{N}\p{M}]/u;

/** Where each use of a starter ends in a folded text; as whole words only. */
export function endsOf(folded: string, starter: string): readonly number[] {
  const ends: number[] = [];
  if (starter === '') return ends;
  for (let at = folded.indexOf(starter); at >= 0; at = folded.indexOf(starter, at + 1)) {
    const end = at + starter.length;
    const joinsBefore = WORD.test(starter.slice(0, 1)) && WORD.test(folded.slice(at - 1, at));
    const joinsAfter = WORD.test(starter.slice(-1)) && WORD.test(folded.slice(end, end + 1));
    if (!(at > 0 && joinsBefore) && !joinsAfter) ends.push(end);
  }
  return ends;
}

function isUnfinished(rest: string): boolean {
  return /^\s*(?:\u2026|\.{3})/u.test(rest) || /^[\s.\u2026,;:!?\u00A1\u00BF\p{Pd}]*$/u.test(rest);
}
