import type { Passage } from '../../core/notes/passage';

/** A text node of the page, and where its characters stand in the plain text. */
interface Piece extends Passage {
  readonly node: Text;
}

/** A line of the plain text, and the block of the page that it stands in. */
interface Line extends Passage {
  readonly element: Element;
}

/** The plain text of a post that stands on a page, and the way from one to the other. */
export interface PageText {
  /** As the core has it: see `plainText`. */
  readonly text: string;
  readonly pieces: readonly Piece[];
  readonly lines: readonly Line[];
}

/** What the page shows and the plain text does not have: words that are gone, and what was put there for the reader's hand. */
const BESIDE_TEXT = 'del, [data-beside], [data-video], [data-document], [data-attachment], caption';
const BLOCKS = new Set(['P', 'H2', 'H3', 'H4', 'PRE']);

/** Reads the plain text of a post out of its HTML for readers: a line for each block, as the core reads it out of the document. */
export function readPageText(root: Element): PageText {
  const reading = new Reading();
  reading.block(root);
  return { text: reading.text, pieces: reading.pieces, lines: reading.lines };
}

class Reading {
  text = '';
  readonly pieces: Piece[] = [];
  readonly lines: Line[] = [];

  block(element: Element): void {
    for (const child of element.children) {
      if (child.matches(BESIDE_TEXT)) continue;
      const isSource = child.tagName === 'CITE' && element.tagName === 'BLOCKQUOTE';
      if (BLOCKS.has(child.tagName) || isSource) this.line(child, [child]);
      else if (child.tagName === 'FIGURE') this.picture(child);
      else this.block(child);
    }
  }

  /** Caption and credit: where one of them is empty, the page has nothing of it. */
  private picture(figure: Element): void {
    const caption = figure.querySelector(':scope > figcaption');
    const last = caption?.lastElementChild;
    const credit = last?.tagName === 'CITE' && isTheLast(last) ? last : null;
    const before = [...(caption?.childNodes ?? [])].filter((node) => node !== credit);
    this.line(figure, before);
    // A space stands between the two.
    if (credit && before.length > 0) this.dropLast();
    this.line(figure, credit ? [credit] : []);
  }

  private line(element: Element, parts: readonly Node[]): void {
    if (this.lines.length > 0) this.text += '\n';
    const from = this.text.length;
    for (const part of parts) this.inline(part);
    this.lines.push({ element, from, to: this.text.length });
  }

  private inline(node: Node): void {
    if (node instanceof Text) {
      const from = this.text.length;
      this.text += node.data;
      if (node.data !== '') this.pieces.push({ node, from, to: this.text.length });
      return;
    }
    if (!(node instanceof Element) || node.matches(BESIDE_TEXT)) return;
    if (node.tagName === 'BR') this.text += '\n';
    else for (const child of node.childNodes) this.inline(child);
  }

  private dropLast(): void {
    const piece = this.pieces.pop();
    const line = this.lines.pop();
    if (!piece || !line) return;
    this.text = this.text.slice(0, -1);
    this.lines.push({ ...line, to: line.to - 1 });
    if (piece.to - piece.from > 1) this.pieces.push({ ...piece, to: piece.to - 1 });
  }
}

function isTheLast(element: Element): boolean {
  for (let next = element.nextSibling; next; next = next.nextSibling)
    if (next.textContent !== '') return false;
  return true;
}

/** Where a passage stands on the page; null where nothing of it has a place there. */
export function rangeOf({ pieces }: PageText, { from, to }: Passage): Range | null {
  const first = pieces.find((piece) => piece.to > from);
  const last = pieces.findLast((piece) => piece.from < to);
  if (!first || !last || first.from >= to) return null;
  const range = document.createRange();
  range.setStart(first.node, Math.max(0, from - first.from));
  range.setEnd(last.node, Math.min(last.node.data.length, to - last.from));
  return range;
}

/** The passage that somebody marked on the page, without the white space at its ends; null where there is no word in it. */
export function passageOf({ text, pieces }: PageText, range: Range): Passage | null {
  let from: number | null = null;
  let to = 0;
  for (const piece of pieces) {
    if (!range.intersectsNode(piece.node)) continue;
    const start = range.startContainer === piece.node ? range.startOffset : 0;
    const end = range.endContainer === piece.node ? range.endOffset : piece.to - piece.from;
    if (end <= start) continue;
    from ??= piece.from + start;
    to = Math.min(piece.to, piece.from + end);
  }
  return from === null ? null : trimmed(text, { from, to });
}

/** A passage without the white space at its ends; null where there is nothing else. */
function trimmed(text: string, { from, to }: Passage): Passage | null {
  const words = text.slice(from, to);
  const start = from + words.length - words.trimStart().length;
  const end = to - (words.length - words.trimEnd().length);
  return end > start ? { from: start, to: end } : null;
}
