import { defaultTreeAdapter, html as htmlNames, parseFragment, serialize } from 'parse5';
import type { Node } from 'prosemirror-model';
import { documentSchema } from '../document/schema';
import { readHtml } from '../document/html/readHtml';
import { attribute, isElement, rawText, stylesOf, type Element, type Tree } from './styles';
import { makeWhole } from './wholeTable';
import { withLists } from './wordLists';

/** What was left out or changed when something was brought in, in the order in which it is said. */
const PASTE_NOTES = [
  'fonts',
  'sizes',
  'colours',
  'indents',
  'emptyLines',
  'comments',
  'tracked',
  'lostPictures',
  'mergedCells',
  'allButWords',
] as const;
export type PasteNote = (typeof PASTE_NOTES)[number];

/** A picture that came along: it is brought to our server afterwards, and the document says `name` until then. */
export interface PastedPicture {
  readonly name: string;
  /** A `data:` address with the picture itself, or the web address where it stands. */
  readonly from: string;
}

export interface CleanPaste {
  readonly document: Node;
  readonly notes: readonly PasteNote[];
  readonly pictures: readonly PastedPicture[];
}

/**
 * HTML that a word processor or a page put on the clipboard, as a document of ours: structure stays (headings, lists,
 * emphasis, links, tables, pictures), while sizes, fonts, colours, indents and empty lines go, and what went is said.
 */
export function cleanPaste(html: string): CleanPaste {
  const fragment = parseFragment(html);
  const cleaning: Cleaning = { notes: new Set(), pictures: [] };
  fragment.childNodes = cleanChildren(fragment.childNodes, cleaning);
  const document = withoutEmptyLines(readHtml(serialize(fragment)), cleaning);
  return {
    document,
    notes: PASTE_NOTES.filter((note) => cleaning.notes.has(note)),
    pictures: cleaning.pictures,
  };
}

interface Cleaning {
  readonly notes: Set<PasteNote>;
  readonly pictures: PastedPicture[];
}

function cleanChildren(children: readonly Tree[], cleaning: Cleaning): Tree[] {
  return withLists(children.flatMap((child) => clean(child, cleaning)));
}

/** What a node becomes: nothing, itself, or what is in it. */
function clean(tree: Tree, cleaning: Cleaning): Tree[] {
  if (!isElement(tree)) return tree.nodeName === '#text' ? [tree] : [];
  const styles = stylesOf(tree);
  if (isHidden(tree, styles, cleaning)) return [];
  if (tree.tagName === 'img') return cleanPicture(tree, cleaning);
  tree.childNodes = cleanChildren(tree.childNodes, cleaning);
  if (isOnlyWrapping(tree, styles)) return tree.childNodes;
  if (tree.tagName === 'table' && makeWhole(tree)) cleaning.notes.add('mergedCells');
  const marks = marksOf(tree, styles);
  noteWhatGoes(tree, styles, cleaning);
  if (tree.tagName === 'p' && /\bMso(Title|Subtitle)\b/.test(attribute(tree, 'class'))) rename(tree, 'h2');
  keepAttributes(tree, styles);
  if (tree.tagName === 'p') trimIndent(tree, cleaning);
  for (const mark of marks) tree.childNodes = [wrapped(mark, tree.childNodes)];
  if (tree.tagName === 'p' && /\bMso\w*Quote\b/.test(attribute(tree, 'class')))
    return [wrapped('blockquote', [tree])];
  return [tree];
}

/** What is not part of the text: hidden runs, margin comments, and words that were struck out of it while editing. */
function isHidden(element: Element, styles: ReadonlyMap<string, string>, { notes }: Cleaning): boolean {
  if (styles.get('display') === 'none' || styles.get('mso-hide') === 'all') return true;
  if (
    /\bMsoComment|msocom/i.test(attribute(element, 'class')) ||
    styles.get('mso-element') === 'comment-list'
  ) {
    notes.add('comments');
    return true;
  }
  if (element.tagName === 'del' && attribute(element, 'datetime') !== '') {
    notes.add('tracked');
    return true;
  }
  return false;
}

/** Elements that say nothing to us; what is in them stays. */
function isOnlyWrapping(element: Element, styles: ReadonlyMap<string, string>): boolean {
  const weight = styles.get('font-weight');
  // Some put everything into a bold element that says that it is not bold.
  if (['b', 'strong'].includes(element.tagName) && (weight === 'normal' || weight === '400')) return true;
  if (element.tagName === 'ins' && attribute(element, 'datetime') !== '') return true;
  // Places inside the other document lead nowhere here.
  return element.tagName === 'a' && !/^(https?|mailto):/i.test(attribute(element, 'href').trim());
}

const BLOCKS_THAT_ARE_BOLD = /^h[1-6]$|^th$/;

function marksOf(element: Element, styles: ReadonlyMap<string, string>): string[] {
  const marks: string[] = [];
  const weight = styles.get('font-weight') ?? '';
  const decoration = `${styles.get('text-decoration') ?? ''} ${styles.get('text-decoration-line') ?? ''}`;
  if ((weight.startsWith('bold') || Number(weight) >= 600) && !BLOCKS_THAT_ARE_BOLD.test(element.tagName))
    marks.push('strong');
  if (/^(italic|oblique)/.test(styles.get('font-style') ?? '')) marks.push('em');
  if (decoration.includes('line-through')) marks.push('s');
  // A link is underlined anyway.
  if (decoration.includes('underline') && element.tagName !== 'a' && !holdsLink(element)) marks.push('u');
  return marks;
}

function holdsLink(element: Element): boolean {
  return element.childNodes.some((child) => isElement(child) && (child.tagName === 'a' || holdsLink(child)));
}

const GOES: readonly (readonly [RegExp, PasteNote])[] = [
  [/^font-family$/, 'fonts'],
  [/^font-size$/, 'sizes'],
  [/^(color|background|background-color|mso-highlight)$/, 'colours'],
  [/^(margin-left|margin-inline-start|text-indent|padding-left)$/, 'indents'],
];

function noteWhatGoes(element: Element, styles: ReadonlyMap<string, string>, { notes }: Cleaning): void {
  for (const [name, value] of styles)
    for (const [pattern, note] of GOES) if (pattern.test(name) && !isNothing(value)) notes.add(note);
  if (element.tagName !== 'font') return;
  if (attribute(element, 'face')) notes.add('fonts');
  if (attribute(element, 'size')) notes.add('sizes');
  if (attribute(element, 'color')) notes.add('colours');
}

function isNothing(value: string): boolean {
  return /^-?0[a-z%]*$|^(normal|auto|initial|inherit|none|transparent|windowtext)$|^#?0{3,6}$|^black$/.test(
    value,
  );
}

const KEPT = new Set(['href', 'src', 'alt', 'start', 'colspan', 'rowspan', 'align']);

function keepAttributes(element: Element, styles: ReadonlyMap<string, string>): void {
  const centred = styles.get('text-align') === 'center';
  element.attrs = [
    ...element.attrs.filter(({ name, value }) => KEPT.has(name) || (name === 'class' && /\bMso/.test(value))),
    ...(centred ? [{ name: 'style', value: 'text-align:center' }] : []),
    // Needed until its paragraphs have become a list.
    ...(styles.has('mso-list') ? [{ name: 'style', value: `mso-list:${styles.get('mso-list')}` }] : []),
  ];
}

/** Blanks before the first word are an indent made by hand. */
function trimIndent(paragraph: Element, { notes }: Cleaning): void {
  const first = paragraph.childNodes.find((child) => rawText(child) !== '');
  if (!first || !('value' in first)) return;
  const trimmed = first.value.replace(/^[\s\u00a0]+/, '');
  if (trimmed !== '' && /\u00a0{2}/.test(first.value.slice(0, first.value.length - trimmed.length)))
    notes.add('indents');
  first.value = trimmed || first.value;
}

function cleanPicture(image: Element, { notes, pictures }: Cleaning): Tree[] {
  const from = attribute(image, 'src').trim();
  if (!/^(data:image\/|https?:)/i.test(from)) {
    // It lies on the disk of whoever copied it, where no page may look.
    notes.add('lostPictures');
    return [];
  }
  const name = `pasted-${pictures.length + 1}`;
  pictures.push({ name, from });
  image.attrs = [
    { name: 'src', value: name },
    { name: 'alt', value: attribute(image, 'alt') },
  ];
  return [image];
}

function rename(element: Element, tag: string): void {
  element.tagName = tag;
  element.nodeName = tag;
}

function wrapped(tag: string, children: readonly Tree[]): Element {
  const element = defaultTreeAdapter.createElement(tag, htmlNames.NS.HTML, []);
  for (const child of [...children]) defaultTreeAdapter.appendChild(element, child);
  return element;
}

/** One space between paragraphs is made by the page itself: empty ones, from pressing Enter twice, go. */
function withoutEmptyLines(document: Node, { notes }: Cleaning): Node {
  const isEmpty = (block: Node) =>
    block.type.name === 'paragraph' && block.textContent.replace(/\u00a0/g, ' ').trim() === '';
  const kept = document.children.filter((block) => !isEmpty(block));
  // A break between two blocks is no empty line that anybody typed.
  const isBreak = (block: Node) => block.childCount > 0 && block.textContent === '';
  const went = document.children.filter((block) => isEmpty(block) && !isBreak(block));
  if (kept.length > 0 && went.length > 0) notes.add('emptyLines');
  return documentSchema.node('doc', null, kept.length ? kept : [documentSchema.node('paragraph')]);
}
