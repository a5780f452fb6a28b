import type { Node } from 'prosemirror-model';
import { countWords } from '../words/countWords';
import { blockText } from './plainText';
import { rememberByNode } from './remember';
import type { NodeName } from './schema';

/** Something in a document, and where it begins (a document position). */
interface Placed {
  readonly position: number;
}

/** A block whose text could be counted. */
export interface TextRead extends Placed {
  readonly node: Node;
  readonly text: string;
  readonly words: number;
  /** Whether it stands in a quotation. */
  readonly quoted: boolean;
}

export interface HeadingInPost extends Placed {
  /** 2 to 4. */
  readonly level: number;
  readonly text: string;
}

/** A picture as requirements and lists see it. Texts are trimmed; an empty one is missing. */
export interface PictureInPost extends Placed {
  readonly src: string;
  readonly description: string;
  readonly licence: string;
  readonly caption: string;
  readonly credit: string;
}

/** A stretch of text that leads somewhere. `from` and `to` are document positions. */
export interface LinkInPost {
  readonly from: number;
  readonly to: number;
  readonly href: string;
  readonly text: string;
}

/** A node and where it begins, as a document position. */
export interface NodeInPost extends Placed {
  readonly node: Node;
}

/** Nodes that are asked for by their kind; of nested ones only the outermost are listed. */
const LISTED = ['blockquote', 'table', 'video', 'sharedDocument', 'attachment'] as const;
export type ListedName = Extract<NodeName, (typeof LISTED)[number]>;

/** What a block can hold of interest to one requirement or another. */
const ASPECTS = ['headings', 'pictures', 'links', ...LISTED] as const;
export type Aspect = (typeof ASPECTS)[number];

/** What one of the blocks that a document is made of holds. Positions are counted from the block's beginning. */
export class BlockRead {
  readonly texts: TextRead[] = [];
  readonly headings: HeadingInPost[] = [];
  readonly pictures: PictureInPost[] = [];
  readonly links: LinkInPost[] = [];
  readonly blockquote: NodeInPost[] = [];
  readonly table: NodeInPost[] = [];
  readonly video: NodeInPost[] = [];
  readonly sharedDocument: NodeInPost[] = [];
  readonly attachment: NodeInPost[] = [];
  /** What of all these there is. */
  readonly holds: readonly Aspect[];

  constructor(readonly node: Node) {
    this.visit(node, 0, { counted: true, quoted: false, within: NOWHERE });
    this.holds = ASPECTS.filter((aspect) => this[aspect].length > 0);
  }

  private visit(node: Node, position: number, around: Around): void {
    const name = node.type.name;
    if (name === 'picture') this.pictures.push(pictureAt(node, position));
    if (node.isTextblock) this.visitText(node, position, around);
    const listed = isListed(name);
    if (listed && !around.within.has(name)) this[name].push({ node, position });
    if (node.isTextblock || node.isLeaf) return;
    const inside: Around = {
      counted: around.counted && !NEVER_COUNTED.has(name),
      quoted: around.quoted || name === 'blockquote',
      within: listed ? new Set([...around.within, name]) : around.within,
    };
    node.forEach((child, offset) => this.visit(child, position + 1 + offset, inside));
  }

  private visitText(node: Node, position: number, { counted, quoted }: Around): void {
    const name = node.type.name;
    const text = blockText(node);
    if (counted && (name === 'paragraph' || name === 'heading'))
      this.texts.push({ position, node, text, words: countWords(text), quoted });
    if (name === 'heading') {
      const said = text.replace(/\s+/gu, ' ').trim();
      if (said) this.headings.push({ position, level: Number(node.attrs['level']), text: said });
    }
    pushLinks(node, position + 1, this.links);
  }
}

/** One block of a document, read once for as long as it stays as it is. */
export const readBlock = rememberByNode((block: Node) => new BlockRead(block));

interface Around {
  /** Whether text here counts. */
  readonly counted: boolean;
  readonly quoted: boolean;
  /** The kinds of listed nodes that this stands in. */
  readonly within: ReadonlySet<string>;
}

const NOWHERE: ReadonlySet<string> = new Set();
/** Text in these belongs to a picture, a source or a program, not to what the writer tells. */
const NEVER_COUNTED = new Set(['picture', 'quoteSource', 'codeBlock']);

function isListed(name: string): name is ListedName {
  return (LISTED as readonly string[]).includes(name);
}

function pictureAt(node: Node, position: number): PictureInPost {
  return {
    position,
    src: String(node.attrs['src']),
    description: String(node.attrs['description']).trim(),
    licence: String(node.attrs['licence']).trim(),
    caption: blockText(node.child(0)).trim(),
    credit: blockText(node.child(1)).trim(),
  };
}

/** The links of one block; neighbours with one address are one link. */
function pushLinks(block: Node, start: number, into: LinkInPost[]): void {
  let last: LinkInPost | null = null;
  block.forEach((child, offset) => {
    const mark = child.marks.find((candidate) => candidate.type.name === 'link');
    if (!mark) return;
    const href = String(mark.attrs['href']);
    const text = child.isText ? (child.text ?? '') : ' ';
    const from = start + offset;
    const to = from + child.nodeSize;
    const joins = last?.href === href && last.to === from;
    const link: LinkInPost =
      joins && last ? { ...last, to, text: last.text + text } : { from, to, href, text };
    if (joins) into.pop();
    into.push(link);
    last = link;
  });
}
