import type { Node } from 'prosemirror-model';
import { countedBlocks } from '../document/countedBlocks';
import { hasSource } from '../document/quotations';
import { bareStarter, endsOf } from '../requirements/starterUses';
import { fold } from '../text/alike';
import { comparable } from './comparable';

/** What everybody was given, which is nobody's own. */
export interface Given {
  readonly starters: readonly string[];
  readonly outline: readonly string[];
}

/** A word as it is compared, and the block that it stands in (document positions). */
export interface OwnWord {
  readonly word: string;
  readonly from: number;
  readonly to: number;
}

/**
 * The writer's own words in rows that nothing breaks: starters, outline headings and quotations with a source do, and are in none.
 */
export function ownRows(document: Node, { starters, outline }: Given): readonly (readonly OwnWord[])[] {
  const bare = starters.map(bareStarter).filter(Boolean);
  const all = countedBlocks(document);
  const counted = outline.length === 0 ? all : countedBlocks(document, { outline });
  const own = new Set(counted.map((block) => block.position));
  const quoted = sourcedQuotations(document);
  const rows: OwnWord[][] = [[]];
  for (const { node, position, text } of all) {
    const isOwn = own.has(position) && !quoted.some(({ from, to }) => position > from && position < to);
    if (!isOwn) {
      rows.push([]);
      continue;
    }
    const place = { from: position, to: position + node.nodeSize };
    withoutStarters(fold(text), bare).forEach((stretch, index) => {
      if (index > 0) rows.push([]);
      rows.at(-1)?.push(...comparable(stretch).map((word) => ({ word, ...place })));
    });
  }
  return rows;
}

/** The same without their places. */
export function ownWords(document: Node, given: Given): readonly (readonly string[])[] {
  return ownRows(document, given).map((row) => row.map(({ word }) => word));
}

/** A folded text in stretches between the starters that stand in it. */
function withoutStarters(folded: string, starters: readonly string[]): readonly string[] {
  const spans = starters
    .flatMap((starter) => endsOf(folded, starter).map((to) => ({ from: to - starter.length, to })))
    .sort((a, b) => a.from - b.from);
  const stretches: string[] = [];
  let after = 0;
  for (const { from, to } of spans) {
    if (from >= after) stretches.push(folded.slice(after, from));
    after = Math.max(after, to);
  }
  return [...stretches, folded.slice(after)];
}

function sourcedQuotations(document: Node): readonly { readonly from: number; readonly to: number }[] {
  const found: { from: number; to: number }[] = [];
  document.descendants((node, from) => {
    if (node.type.name === 'blockquote' && hasSource(node)) found.push({ from, to: from + node.nodeSize });
  });
  return found;
}
