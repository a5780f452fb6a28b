import { parseFragment, type DefaultTreeAdapterTypes } from 'parse5';
import { Fragment, type Mark, type Node } from 'prosemirror-model';
import { documentSchema, isLinkAddress, isSourceAddress } from '../schema';
import { marksOf } from './readMarks';
import { TextCollector } from './collectText';

type Tree = DefaultTreeAdapterTypes.ChildNode;
type Element = DefaultTreeAdapterTypes.Element;

/** How deep elements may be nested before what lies deeper is taken as plain text. */
const DEEPEST = 80;

const DROPPED = new Set(
  (
    'script style template noscript iframe frame frameset noframes object embed applet param svg math title head meta ' +
    'link base audio video source track canvas map area select option optgroup datalist textarea input button ' +
    'noembed xml dialog'
  ).split(' '),
);

const { nodes } = documentSchema;

/**
 * HTML from anywhere as a document of our schema. Unknown elements are unwrapped and their text stays, block-level
 * ones separate; scripts, styles, templates and the like go with their content; unknown attributes go. It never
 * throws: what cannot be kept is left out.
 */
export function readHtml(html: string): Node {
  const blocks = readBlocks(parseFragment(html).childNodes, 0);
  return nodes.doc.create(null, blocks.length ? blocks : [nodes.paragraph.create()]);
}

type BlockReader = (element: Element, depth: number) => readonly Node[];

const BLOCKS: Readonly<Record<string, BlockReader>> = {
  p: (element, depth) =>
    textBlocks(element, depth, (content) => nodes.paragraph.create(alignment(element), content)),
  h1: (element, depth) => heading(element, depth, 2),
  h2: (element, depth) => heading(element, depth, 2),
  h3: (element, depth) => heading(element, depth, 3),
  h4: (element, depth) => heading(element, depth, 4),
  h5: (element, depth) => heading(element, depth, 4),
  h6: (element, depth) => heading(element, depth, 4),
  ul: (element, depth) => list(element, depth),
  ol: (element, depth) => list(element, depth),
  menu: (element, depth) => list(element, depth),
  blockquote: quotation,
  pre: (element) => [codeBlock(element)],
  listing: (element) => [codeBlock(element)],
  hr: () => [nodes.rule.create()],
  table: (element, depth) => table(element, depth),
  figure: (element, depth) => figure(element, depth),
  img: (element) => maybePicture(element, [], []),
};

/** Elements that stand as blocks of their own without meaning anything to us. */
const CONTAINERS = new Set(
  (
    'address article aside body center dd details dir div dl dt fieldset figcaption footer form header hgroup html ' +
    'legend li main nav search section summary tbody td tfoot th thead tr caption'
  ).split(' '),
);

function readBlocks(children: readonly Tree[], depth: number): Node[] {
  const blocks: Node[] = [];
  let run: Tree[] = [];
  const closeRun = () => {
    blocks.push(...looseText(run, depth));
    run = [];
  };
  for (const child of children) {
    if (isElement(child) && isBlock(child)) {
      closeRun();
      blocks.push(...readBlock(child, depth + 1));
    } else run.push(child);
  }
  closeRun();
  return blocks;
}

function isBlock(element: Element): boolean {
  return isBlockByItself(element) || (!DROPPED.has(element.tagName) && holdsBlock(element));
}

function isBlockByItself(element: Element): boolean {
  return (
    Object.hasOwn(BLOCKS, element.tagName) ||
    CONTAINERS.has(element.tagName) ||
    attribute(element, 'data-document') !== null ||
    attribute(element, 'data-attachment') !== null
  );
}

/** Whether an inline or unknown element has a block somewhere inside, as in `<a><h2>…</h2></a>`. */
function holdsBlock(element: Element): boolean {
  const pending: Tree[] = [...element.childNodes];
  for (let next = pending.pop(); next; next = pending.pop()) {
    if (!isElement(next) || DROPPED.has(next.tagName)) continue;
    if (next.tagName !== 'img' && isBlockByItself(next)) return true;
    pending.push(...next.childNodes);
  }
  return false;
}

function readBlock(element: Element, depth: number): readonly Node[] {
  if (depth > DEEPEST) return looseText([element], depth);
  const address = attribute(element, 'href');
  if (attribute(element, 'data-document') !== null && address && isLinkAddress(address))
    return [nodes.sharedDocument.create({ address, title: collapsed(element) })];
  const file = attribute(element, 'data-attachment');
  if (file !== null) return [nodes.attachment.create({ file, title: collapsed(element) })];
  const row = attribute(element, 'data-row') === null ? null : maybePictureRow(element, depth);
  if (row) return row;
  const read = Object.hasOwn(BLOCKS, element.tagName) ? BLOCKS[element.tagName] : undefined;
  return read ? read(element, depth) : readBlocks(element.childNodes, depth);
}

function looseText(run: readonly Tree[], depth: number): Node[] {
  const { content, pictures } = inline(run, depth);
  return [...(content.size ? [nodes.paragraph.create(null, content)] : []), ...pictures];
}

function textBlocks(element: Element, depth: number, make: (content: Fragment) => Node): readonly Node[] {
  if (holdsBlock(element)) return readBlocks(element.childNodes, depth);
  const { content, pictures } = inline(element.childNodes, depth);
  // An empty paragraph is kept, one that held a picture only has become the picture.
  return content.size || !pictures.length ? [make(content), ...pictures] : pictures;
}

function heading(element: Element, depth: number, level: number): readonly Node[] {
  const outline = attribute(element, 'data-outline') !== null;
  return textBlocks(element, depth, (content) =>
    nodes.heading.create({ level, outline, ...alignment(element) }, content),
  );
}

function alignment(element: Element): { align: string } {
  const style = attribute(element, 'style') ?? '';
  const centred =
    /(?:^|;)\s*text-align\s*:\s*center/i.test(style) || attribute(element, 'align') === 'center';
  return { align: centred ? 'centre' : 'start' };
}

function list(element: Element, depth: number): Node[] {
  const items: Node[] = [];
  for (const child of element.childNodes) {
    if (isElement(child) && child.tagName === 'li')
      items.push(listItem(readBlocks(child.childNodes, depth + 1)));
    else {
      // A list inside a list without an item of its own belongs to the item before it.
      const stray = readBlocks([child], depth + 1);
      const last = items.pop();
      if (stray.length) items.push(listItem([...(last ? last.content.content : []), ...stray]));
      else if (last) items.push(last);
    }
  }
  if (!items.length) return [];
  if (element.tagName !== 'ol') return [nodes.bulletList.create(null, items)];
  const start = Number(attribute(element, 'start') ?? 1);
  const valid = Number.isInteger(start) && start >= 0 && start <= 99_999;
  return [nodes.orderedList.create({ start: valid ? start : 1 }, items)];
}

function listItem(blocks: readonly Node[]): Node {
  return nodes.listItem.create(null, blocks.length ? blocks : [nodes.paragraph.create()]);
}

function quotation(element: Element, depth: number): Node[] {
  const cites: Element[] = [];
  const kept = withoutCites(element, cites);
  const blocks = readBlocks(kept, depth);
  if (!blocks.length) blocks.push(nodes.paragraph.create());
  if (cites.length) {
    const sources = cites.map((cite) => inline(cite.childNodes, depth).content);
    blocks.push(nodes.quoteSource.create(null, joined(sources)));
  }
  return [nodes.blockquote.create(null, blocks)];
}

/** The children of a quotation without its own `<cite>` elements, which are put into `cites`; nested quotations keep theirs. */
function withoutCites(element: Element, cites: Element[], depth = 0): Tree[] {
  const kept: Tree[] = [];
  for (const child of element.childNodes) {
    if (!isElement(child) || child.tagName === 'blockquote' || depth > DEEPEST) kept.push(child);
    else if (child.tagName === 'cite') cites.push(child);
    else if (child.tagName === 'figcaption' || child.tagName === 'figure') kept.push(child);
    else {
      const found = cites.length;
      const inner = withoutCites(child, cites, depth + 1);
      if (cites.length === found) kept.push(child);
      else if (inner.some(showsSomething)) kept.push({ ...child, childNodes: inner });
    }
  }
  return kept;
}

/** False for what is left of an element that held a source and nothing else. */
function showsSomething(tree: Tree): boolean {
  return isElement(tree) || (tree.nodeName === '#text' && /\S/.test(textOf(tree)));
}

function joined(parts: readonly Fragment[]): Fragment {
  return parts
    .filter((part) => part.size)
    .reduce(
      (all, part) => (all.size ? all.append(Fragment.from(documentSchema.text(', '))).append(part) : part),
      Fragment.empty,
    );
}

function codeBlock(element: Element): Node {
  const text = rawText(element);
  return nodes.codeBlock.create(null, text ? documentSchema.text(text) : null);
}

function table(element: Element, depth: number): Node[] {
  const rows: Node[] = [];
  let caption = '';
  const visit = (parent: Element): void => {
    for (const child of parent.childNodes) {
      if (!isElement(child)) continue;
      if (child.tagName === 'caption') caption = collapsed(child);
      else if (child.tagName === 'tr') rows.push(...tableRow(child, depth));
      else if (['thead', 'tbody', 'tfoot'].includes(child.tagName)) visit(child);
    }
  };
  visit(element);
  return rows.length ? [nodes.table.create({ caption }, rows)] : [];
}

function tableRow(element: Element, depth: number): Node[] {
  const cells: Node[] = [];
  for (const child of element.childNodes) {
    if (!isElement(child) || !['td', 'th'].includes(child.tagName)) continue;
    const blocks = readBlocks(child.childNodes, depth + 2);
    const type = child.tagName === 'th' ? nodes.tableHeader : nodes.tableCell;
    cells.push(type.create(null, blocks.length ? blocks : [nodes.paragraph.create()]));
  }
  return cells.length ? [nodes.tableRow.create(null, cells)] : [];
}

function figure(element: Element, depth: number): readonly Node[] {
  const address = attribute(element, 'data-video');
  if (address !== null) return maybeVideo(element, address);
  const images: Element[] = [];
  const captions: Element[] = [];
  const others = partsOfFigure(element, images, captions);
  if (!images.length || others) return readBlocks(element.childNodes, depth);
  const { caption, credit } = captionParts(captions, depth);
  return images.flatMap((image, index) =>
    maybePicture(
      image,
      ...(index === images.length - 1 ? ([caption, credit] as const) : ([[], []] as const)),
      element,
    ),
  );
}

/** Sorts what a figure holds; true when there is more in it than images and captions. */
function partsOfFigure(element: Element, images: Element[], captions: Element[]): boolean {
  let others = false;
  for (const child of element.childNodes) {
    if (!isElement(child)) others ||= child.nodeName === '#text' && /\S/.test(textOf(child));
    else if (child.tagName === 'img') images.push(child);
    else if (child.tagName === 'figcaption') captions.push(child);
    else if (['a', 'div', 'picture', 'span', 'p'].includes(child.tagName))
      others = partsOfFigure(child, images, captions) || others;
    else others ||= !DROPPED.has(child.tagName) && child.tagName !== 'br';
  }
  return others;
}

interface CaptionParts {
  readonly caption: readonly Node[];
  readonly credit: readonly Node[];
}

function captionParts(elements: readonly Element[], depth: number): CaptionParts {
  const cites: Element[] = [];
  const kept = elements.flatMap((element) => withoutCites(element, cites));
  return {
    caption: inline(kept, depth).content.content,
    credit: joined(cites.map((cite) => inline(cite.childNodes, depth).content)).content,
  };
}

function maybePicture(
  image: Element,
  caption: readonly Node[],
  credit: readonly Node[],
  figureOf?: Element,
): readonly Node[] {
  const src = (attribute(image, 'src') ?? '').trim();
  if (!src || !isSourceAddress(src)) return [];
  const width = Number((figureOf && attribute(figureOf, 'data-width')) ?? 100);
  const side = (figureOf && attribute(figureOf, 'data-side')) ?? 'full';
  const attrs = {
    src,
    description: attribute(image, 'alt') ?? '',
    licence: attribute(image, 'data-licence') ?? '',
    width: Number.isInteger(width) && width >= 10 && width <= 100 ? width : 100,
    side: side === 'start' || side === 'end' ? side : 'full',
  };
  return [
    nodes.picture.create(attrs, [nodes.caption.create(null, caption), nodes.credit.create(null, credit)]),
  ];
}

function maybeVideo(element: Element, address: string): Node[] {
  if (!isLinkAddress(address)) return [];
  const still = attribute(element, 'data-still') ?? '';
  return [
    nodes.video.create({
      address,
      provider: attribute(element, 'data-provider') ?? '',
      title: attribute(element, 'data-title') ?? '',
      still: isSourceAddress(still) ? still : '',
    }),
  ];
}

function maybePictureRow(element: Element, depth: number): Node[] | null {
  const blocks = readBlocks(element.childNodes, depth);
  if (blocks.length < 2 || blocks.some((block) => block.type !== nodes.picture)) return null;
  const rows: Node[] = [];
  for (let start = 0; start < blocks.length; start += 4) {
    const part = blocks.slice(start, start + 4);
    rows.push(...(part.length > 1 ? [nodes.pictureRow.create(null, part)] : part));
  }
  return rows;
}

interface Inline {
  readonly content: Fragment;
  /** Pictures that stood between the words; they follow the block, which stays one. */
  readonly pictures: readonly Node[];
}

function inline(children: readonly Tree[], depth: number): Inline {
  const collector = new TextCollector();
  const pictures: Node[] = [];
  const visit = (trees: readonly Tree[], marks: readonly Mark[], level: number): void => {
    for (const tree of trees) {
      if (tree.nodeName === '#text') collector.text(textOf(tree), marks, keepsSpace(tree));
      else if (!isElement(tree) || DROPPED.has(tree.tagName)) continue;
      else if (tree.tagName === 'br') collector.lineBreak(marks);
      else if (tree.tagName === 'img') pictures.push(...maybePicture(tree, [], []));
      else if (level > DEEPEST) collector.text(rawText(tree), marks);
      else {
        // Only beyond the deepest level are there still blocks in here; they separate all the same.
        const separates = isBlockByItself(tree);
        if (separates) collector.text(' ', marks);
        visit(tree.childNodes, marksOf(tree, marks), level + 1);
        if (separates) collector.text(' ', marks);
      }
    }
  };
  visit(children, [], depth);
  return { content: collector.fragment(), pictures };
}

/** Our own sign for white space that HTML would fold. */
function keepsSpace(tree: Tree): boolean {
  const parent = tree.parentNode;
  return parent !== null && 'attrs' in parent && attribute(parent, 'data-space') !== null;
}

function rawText(element: Element): string {
  let text = '';
  const pending: Tree[] = [...element.childNodes].reverse();
  for (let next = pending.pop(); next; next = pending.pop()) {
    if (next.nodeName === '#text') text += textOf(next);
    else if (isElement(next) && !DROPPED.has(next.tagName)) {
      if (next.tagName === 'br') text += '\n';
      pending.push(...[...next.childNodes].reverse());
    }
  }
  return text;
}

function collapsed(element: Element): string {
  const text = rawText(element);
  return attribute(element, 'data-space') === null ? text.replace(/\s+/gu, ' ').trim() : text;
}

function isElement(tree: Tree): tree is Element {
  return 'tagName' in tree;
}

function textOf(tree: Tree): string {
  return 'value' in tree ? tree.value : '';
}

function attribute(element: Element, name: string): string | null {
  return element.attrs.find((candidate) => candidate.name === name)?.value ?? null;
}
