import { DOMParser, XMLSerializer } from '@xmldom/xmldom';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';

/** Names no other bookmark has; the number of the paragraph follows. */
const MARK = 'porch-number-';
const DOCUMENT = 'word/document.xml';
/** What says the numbers of lists. */
const PARTS = [DOCUMENT, 'word/numbering.xml', 'word/styles.xml'];
/** The levels that a list has in this format, ECMA-376 part 1, 17.9.3. */
const LEVELS = 9;

/** A list of the document: the levels of its counters, and the number at which each of them begins. */
interface NumberedList {
  /** Lists of one kind count on from each other. */
  readonly kind: string;
  readonly starts: readonly number[];
  /** Levels that this list begins anew, with the number that it says itself. */
  readonly anew: ReadonlyMap<number, number>;
}

/**
 * A word processor's file (.docx, ECMA-376) with a bookmark in each paragraph of a numbered list that says its number:
 * the package that makes HTML of it forgets where a list begins. What has no lists comes back as it was.
 */
export function withNumbersMarked(file: Uint8Array): Uint8Array {
  // Pictures are unpacked only where there is something to say.
  const parts = unzipSync(file, { filter: ({ name }) => PARTS.includes(name) });
  const [text, numbering, styles] = PARTS.map((name) => parts[name]);
  if (!text || !numbering) return file;
  const document = parse(text);
  const lists = readLists(parse(numbering));
  const ofStyles = styles ? readStyles(parse(styles)) : new Map<string, Numbered>();
  const counters = new Map<string, (number | undefined)[]>();
  const begun = new Set<string>();
  for (const paragraph of elements(document, 'w:p')) {
    const numbered = maybeNumbered(paragraph, ofStyles);
    const list = numbered && lists.get(numbered.list);
    if (list) mark(paragraph, countOn(list, numbered, counters, begun));
  }
  const marked = strToU8(new XMLSerializer().serializeToString(document));
  return zipSync({ ...unzipSync(file), [DOCUMENT]: marked }, { level: 0 });
}

/** HTML whose numbered lists begin where the marks in their first items say, without the marks. */
export function startedByMarks(html: string): string {
  return html
    .replace(
      new RegExp(`<ol><li>((?:<(?!li|ol|a )[a-z]+>)*)<a id="${MARK}(\\d+)"></a>`, 'g'),
      (_, between: string, number: string) => `<ol start="${number}"><li>${between}`,
    )
    .replace(new RegExp(`<a id="${MARK}\\d+"></a>`, 'g'), '');
}

interface Numbered {
  /** The number of a list, as the file has it. */
  readonly list: string;
  /** From 0. */
  readonly level: number;
}

/** The next number of a list at a level; deeper levels begin again after it. */
function countOn(
  list: NumberedList,
  numbered: Numbered,
  counters: Map<string, (number | undefined)[]>,
  begun: Set<string>,
): number {
  const { level } = numbered;
  const counts = counters.get(list.kind) ?? [];
  counters.set(list.kind, counts);
  const first = `${numbered.list} ${level}`;
  const anew = begun.has(first) ? undefined : list.anew.get(level);
  begun.add(first);
  const last = counts[level];
  const number = anew ?? (last === undefined ? (list.starts[level] ?? 1) : last + 1);
  counts[level] = number;
  counts.length = level + 1;
  return number;
}

function readLists(numbering: Document): ReadonlyMap<string, NumberedList> {
  const kinds = new Map(
    elements(numbering, 'w:abstractNum').map((kind) => {
      const starts = Array<number>(LEVELS).fill(1);
      for (const level of elements(kind, 'w:lvl')) {
        const at = levelOf(level.getAttribute('w:ilvl'));
        if (at !== null) starts[at] = valueOf(level, 'w:start') ?? 1;
      }
      return [kind.getAttribute('w:abstractNumId') ?? '', starts] as const;
    }),
  );
  return new Map(
    elements(numbering, 'w:num').map((list) => {
      const kind = said(list, 'w:abstractNumId') ?? '';
      const anew = new Map<number, number>();
      for (const override of elements(list, 'w:lvlOverride')) {
        const at = levelOf(override.getAttribute('w:ilvl'));
        const start = valueOf(override, 'w:startOverride');
        if (at !== null && start !== null) anew.set(at, start);
      }
      return [list.getAttribute('w:numId') ?? '', { kind, starts: kinds.get(kind) ?? [], anew }] as const;
    }),
  );
}

/** Which lists the styles of paragraphs put them into. */
function readStyles(styles: Document): Map<string, Numbered> {
  return new Map(
    elements(styles, 'w:style').flatMap((style) => {
      const numbered = maybeOwnNumbered(style);
      return numbered ? [[style.getAttribute('w:styleId') ?? '', numbered] as const] : [];
    }),
  );
}

function maybeNumbered(paragraph: Element, ofStyles: ReadonlyMap<string, Numbered>): Numbered | null {
  return maybeOwnNumbered(paragraph) ?? ofStyles.get(said(paragraph, 'w:pStyle') ?? '') ?? null;
}

function maybeOwnNumbered(element: Element): Numbered | null {
  const properties = elements(element, 'w:numPr')[0];
  const list = properties && said(properties, 'w:numId');
  if (list === null || list === undefined) return null;
  return { list, level: levelOf(said(properties!, 'w:ilvl')) ?? 0 };
}

/** Puts the mark before the first words of a paragraph: what goes before them says how it looks. */
function mark(paragraph: Element, number: number): void {
  const bookmark = paragraph.ownerDocument.createElement('w:bookmarkStart');
  bookmark.setAttribute('w:id', `${MARK}${number}`);
  bookmark.setAttribute('w:name', `${MARK}${number}`);
  const properties = paragraph.firstChild;
  const words = properties?.nodeName === 'w:pPr' ? properties.nextSibling : properties;
  paragraph.insertBefore(bookmark, words ?? null);
}

function levelOf(text: string | null): number | null {
  const level = Number(text ?? '');
  return Number.isInteger(level) && level >= 0 && level < LEVELS ? level : null;
}

function valueOf(parent: Element, name: string): number | null {
  const value = Number(said(parent, name) ?? Number.NaN);
  return Number.isInteger(value) && value >= 0 ? value : null;
}

/** What the first element of a name says as its value. */
function said(parent: Element, name: string): string | null {
  return elements(parent, name)[0]?.getAttribute('w:val') ?? null;
}

function parse(xml: Uint8Array): Document {
  const quiet = () => undefined;
  return new DOMParser({
    errorHandler: { error: quiet, fatalError: quiet, warning: quiet },
  }).parseFromString(strFromU8(xml), 'text/xml');
}

function elements(within: Document | Element, name: string): Element[] {
  return Array.from(within.getElementsByTagName(name));
}
