import { defaultTreeAdapter, html } from 'parse5';
import { isElement, rawText, stylesOf, type Element, type Tree } from './styles';

/** An item of a list that a word processor wrote as a paragraph, its marker as text. */
interface Item {
  readonly element: Element;
  /** From 1. */
  readonly level: number;
  readonly ordered: boolean;
  readonly start: number;
}

/**
 * Makes lists of paragraphs that only look like items: some word processors put the marker before the words as text
 * and say the level in a style (`mso-list: l0 level2 lfo1`). Other children stay as they are.
 */
export function withLists(children: readonly Tree[]): Tree[] {
  const out: Tree[] = [];
  let run: Item[] = [];
  const close = () => {
    if (run.length) out.push(...listsOf(run, 1));
    run = [];
  };
  for (const child of children) {
    const item = isElement(child) ? maybeItem(child) : null;
    if (item) run.push(item);
    else if (run.length && isBlank(child)) continue;
    else {
      close();
      out.push(child);
    }
  }
  close();
  return out;
}

function isBlank(tree: Tree): boolean {
  return !isElement(tree) && rawText(tree).trim() === '';
}

function maybeItem(element: Element): Item | null {
  const level = /level(\d)/.exec(stylesOf(element).get('mso-list') ?? '')?.[1];
  if (element.tagName !== 'p' || level === undefined) return null;
  const marker = takeMarker(element)?.replace(/[\s\u00a0]/g, '') ?? '';
  const number = /^\(?(\d+|[a-z]|[ivxlcdm]+)[.)]/i.exec(marker)?.[1];
  return {
    element,
    level: Number(level),
    ordered: number !== undefined,
    start: number !== undefined && /^\d+$/.test(number) ? Number(number) : 1,
  };
}

/** Takes the marker out of an item and gives its text. */
function takeMarker(element: Element): string | null {
  for (const [index, child] of element.childNodes.entries()) {
    if (!isElement(child)) continue;
    if (stylesOf(child).get('mso-list') === 'ignore') {
      element.childNodes.splice(index, 1);
      return rawText(child);
    }
    const within = takeMarker(child);
    if (within !== null) return within;
  }
  return null;
}

/** Lists of items that stand at a level or deeper; a deeper run belongs to the item before it. */
function listsOf(items: readonly Item[], level: number): Element[] {
  const lists: { readonly list: Element; readonly ordered: boolean }[] = [];
  for (let index = 0; index < items.length;) {
    const item = items[index]!;
    const end = endOfDeeper(items, index, level);
    if (lists.at(-1)?.ordered !== item.ordered)
      lists.push({ list: make(item.ordered ? 'ol' : 'ul', item), ordered: item.ordered });
    const entry = make('li');
    const begun = item.level <= level ? index + 1 : index;
    if (begun > index) {
      const paragraph = make('p');
      adopt(paragraph, item.element.childNodes);
      adopt(entry, [paragraph]);
    }
    if (end > begun) adopt(entry, listsOf(items.slice(begun, end), level + 1));
    adopt(lists.at(-1)!.list, [entry]);
    index = Math.max(end, index + 1);
  }
  return lists.map(({ list }) => list);
}

/** Where the run of items ends that lie deeper than the one at `index`. */
function endOfDeeper(items: readonly Item[], index: number, level: number): number {
  let end = items[index]!.level <= level ? index + 1 : index;
  while (end < items.length && items[end]!.level > level) end += 1;
  return end;
}

function make(tag: string, item?: Item): Element {
  const start = item?.ordered && item.start !== 1 ? [{ name: 'start', value: String(item.start) }] : [];
  return defaultTreeAdapter.createElement(tag, html.NS.HTML, start);
}

function adopt(parent: Element, children: readonly Tree[]): void {
  for (const child of [...children]) {
    defaultTreeAdapter.detachNode(child);
    defaultTreeAdapter.appendChild(parent, child);
  }
}
