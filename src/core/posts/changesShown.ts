import type { Node } from 'prosemirror-model';
import type { BlockChange } from '../changes/blocks';
import type { Changes } from '../changes/changes';
import { changesInText, type ChangesInText } from '../changes/changesInText';
import type { WordChange } from '../changes/words';
import { readersHtml } from '../document/html/readersHtml';
import { documentSchema } from '../document/schema';

/** What became of a block, ready to be shown: words where words changed, else the block as readers see it. */
export interface BlockShown {
  readonly kind: 'same' | 'added' | 'removed' | 'moved' | 'changed' | 'movedAndChanged';
  /** Null where words tell it better. */
  readonly html: string | null;
  readonly words: readonly WordChange[];
  /** The text is the same; a mark, a description or the like is another. */
  readonly onlyForm: boolean;
}

export type ChangesShown = Omit<Changes, 'blocks'> & { readonly blocks: readonly BlockShown[] };

export function showChanges(changes: Changes): ChangesShown {
  return { ...changes, blocks: changes.blocks.map(showBlock) };
}

/** What changed, to be marked in the later text as it stands there. */
export type ChangesMarked = Omit<Changes, 'blocks'> & ChangesInText;

export function markChanges({ blocks, ...changes }: Changes): ChangesMarked {
  return { ...changes, ...changesInText(blocks) };
}

export function showBlock(change: BlockChange): BlockShown {
  if (change.kind !== 'changed') {
    const block = change.kind === 'removed' ? change.before : change.after;
    return { kind: change.kind, html: htmlOf(block), words: [], onlyForm: false };
  }
  const onlyForm = change.words.every((part) => part.kind === 'same');
  return {
    kind: change.moved ? 'movedAndChanged' : 'changed',
    // A picture is seen, whatever its caption says now.
    html: onlyForm || change.after.type.name === 'picture' ? htmlOf(change.after) : null,
    words: onlyForm ? [] : change.words,
    onlyForm,
  };
}

function htmlOf(block: Node): string {
  return readersHtml(documentSchema.node('doc', null, [documentSchema.nodeFromJSON(block.toJSON())]));
}
