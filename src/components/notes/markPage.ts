import type { Passage } from '../../core/notes/passage';
import type { WordsGone } from '../../core/changes/changesInText';
import type { PageText } from './pageText';

/** What is marked in a text. */
export interface Marks {
  /** Passages that notes belong to. */
  readonly noted: readonly (Passage & { readonly id: string })[];
  /** Words that are new, and words that are gone with where they stood. */
  readonly added: readonly Passage[];
  readonly removed: readonly WordsGone[];
}

export const NO_MARKS: Marks = { noted: [], added: [], removed: [] };

/** Marks passages in a text that stands on the page. Its pieces are others afterwards: it has to be read again. */
export function markPage(root: Element, page: PageText, { noted, added, removed }: Marks): void {
  for (const gone of removed) if (gone.block) putBlock(root, page, gone);
  const goneAt = placesOfGone(
    page,
    removed.filter(({ block }) => !block),
  );
  for (const [index, piece] of page.pieces.entries()) {
    const gone = goneAt.get(index) ?? [];
    const within = ({ from, to }: Passage) => from < piece.to && to > piece.from;
    const notes = noted.filter(within);
    const news = added.filter(within);
    if (gone.length + notes.length + news.length === 0) continue;
    const cuts = [piece.from, piece.to, ...gone.map(({ at }) => at), ...[...notes, ...news].flatMap(ends)]
      .filter((at) => at >= piece.from && at <= piece.to)
      .toSorted((one, another) => one - another);
    const parts: Node[] = [];
    for (const [order, from] of [...new Set(cuts)].entries()) {
      for (const one of gone) if (one.at === from) parts.push(wrapped('del', one.text));
      const to = [...new Set(cuts)][order + 1];
      if (to === undefined) continue;
      const covers = (one: Passage) => one.from <= from && one.to >= to;
      let part: Node = document.createTextNode(piece.node.data.slice(from - piece.from, to - piece.from));
      if (news.some(covers)) part = wrapped('ins', part);
      const ids = notes.filter(covers).map(({ id }) => id);
      if (ids.length > 0) {
        part = wrapped('mark', part);
        (part as HTMLElement).dataset['note'] = ids.join(' ');
      }
      parts.push(part);
    }
    // What belongs to the page alone, as the space before a credit, stays after its piece.
    const rest = piece.node.data.slice(piece.to - piece.from);
    piece.node.replaceWith(...parts, ...(rest === '' ? [] : [document.createTextNode(rest)]));
  }
}

const ends = ({ from, to }: Passage) => [from, to];

/** A block that is gone, before the one that comes after it. */
function putBlock(root: Element, { lines }: PageText, { at, text }: WordsGone): void {
  const paragraph = document.createElement('p');
  paragraph.dataset['beside'] = '';
  paragraph.append(wrapped('del', text));
  let after = lines.find(({ from }) => from >= at)?.element ?? null;
  while (after && after.parentElement !== root) after = after.parentElement;
  root.insertBefore(paragraph, after);
}

/** Words that are gone, by the piece that they stand in: before what stands there now, or after the last words there are. */
function placesOfGone({ pieces }: PageText, removed: Marks['removed']) {
  const places = new Map<number, { readonly at: number; readonly text: string }[]>();
  for (const { at, text } of removed) {
    const within = pieces.findIndex((piece) => piece.from <= at && at < piece.to);
    const ended = within >= 0 ? within : pieces.findIndex((piece) => piece.to === at);
    const index = ended >= 0 ? ended : pieces.findIndex((piece) => piece.from > at);
    const found = index >= 0 ? index : pieces.length - 1;
    const piece = pieces[found];
    if (!piece) continue;
    const place = Math.min(piece.to, Math.max(piece.from, at));
    places.set(found, [...(places.get(found) ?? []), { at: place, text }]);
  }
  return places;
}

function wrapped(tag: 'del' | 'ins' | 'mark', inner: Node | string): HTMLElement {
  const element = document.createElement(tag);
  element.append(inner);
  return element;
}
