import { DOMParser } from '@xmldom/xmldom';
import { strFromU8, unzipSync } from 'fflate';
import { escapeHtml } from '../../core/document/html/writeHtml';

/** Bytes that a file may have when it is unpacked. */
export const MOST_UNPACKED = 80 * 1024 * 1024;

/** What a style of the document says, as far as we keep it. */
interface Style {
  readonly marks: readonly string[];
  readonly centred: boolean;
  /** The level of the heading that it makes of a paragraph; null where it makes none. */
  readonly heading: number | null;
}

interface Package {
  readonly files: Readonly<Record<string, Uint8Array>>;
  readonly styles: ReadonlyMap<string, Style>;
  /** List styles whose first level is numbered, with the number that it begins at. */
  readonly numbered: ReadonlyMap<string, number>;
}

/**
 * The text of an OpenDocument file (.odt, ISO/IEC 26300) as HTML: headings, paragraphs, lists, tables, links, emphasis
 * and pictures, these as `data:` addresses. Notes and margin comments are left out.
 * @returns null where the file is none
 */
export function maybeReadOdt(file: Uint8Array): string | null {
  const files = maybeUnzip(file);
  const content = files?.['content.xml'];
  if (!files || !content) return null;
  const state = { broken: false };
  const document = new DOMParser({
    errorHandler: {
      error: () => undefined,
      fatalError: () => (state.broken = true),
      warning: () => undefined,
    },
  }).parseFromString(strFromU8(content), 'text/xml');
  const text = document.getElementsByTagName('office:text')[0];
  if (state.broken || !text) return null;
  return children(text, { files, styles: readStyles(document), numbered: readNumbered(document) });
}

function maybeUnzip(file: Uint8Array): Record<string, Uint8Array> | null {
  try {
    let size = 0;
    return unzipSync(file, {
      filter: ({ name, originalSize }) => {
        size += originalSize;
        return size <= MOST_UNPACKED && (name === 'content.xml' || name.startsWith('Pictures/'));
      },
    });
  } catch {
    // fflate throws for whatever is no archive.
    return null;
  }
}

function readStyles(document: Document): ReadonlyMap<string, Style> {
  const styles = new Map<string, Style>();
  for (const style of elements(document, 'style:style')) {
    const text = style.getElementsByTagName('style:text-properties')[0];
    const paragraph = style.getElementsByTagName('style:paragraph-properties')[0];
    const marks: string[] = [];
    const says = (name: string) => text?.getAttribute(name) ?? '';
    if (/^(bold|[6-9]00)$/.test(says('fo:font-weight'))) marks.push('strong');
    if (says('fo:font-style') === 'italic') marks.push('em');
    if (!['', 'none'].includes(says('style:text-underline-style'))) marks.push('u');
    if (!['', 'none'].includes(says('style:text-line-through-style'))) marks.push('s');
    styles.set(style.getAttribute('style:name') ?? '', {
      marks,
      centred: paragraph?.getAttribute('fo:text-align') === 'center',
      heading: headingOf(style.getAttribute('style:parent-style-name') ?? ''),
    });
  }
  return styles;
}

/** The level that a style's name says, such as `Heading_20_2`. */
function headingOf(name: string): number | null {
  if (name === 'Title') return 1;
  const level = /^Heading_20_(\d)$/.exec(name)?.[1];
  return level === undefined ? null : Number(level);
}

function readNumbered(document: Document): ReadonlyMap<string, number> {
  const numbered = new Map<string, number>();
  for (const style of elements(document, 'text:list-style')) {
    const first = firstElement(style);
    if (first?.tagName === 'text:list-level-style-number')
      numbered.set(
        style.getAttribute('style:name') ?? '',
        Number(first.getAttribute('text:start-value') ?? 1) || 1,
      );
  }
  return numbered;
}

type Writer = (element: Element, from: Package) => string;

const ELEMENTS: Readonly<Record<string, Writer>> = {
  'text:h': (element, from) => {
    const level = Math.min(6, Number(element.getAttribute('text:outline-level') ?? 1) || 1);
    return `<h${level}>${children(element, from)}</h${level}>`;
  },
  'text:p': (element, from) => {
    const name = element.getAttribute('text:style-name') ?? '';
    const style = from.styles.get(name);
    const level = headingOf(name) ?? style?.heading;
    if (level) return `<h${level}>${children(element, from)}</h${level}>`;
    const centred = style?.centred ? ' style="text-align:center"' : '';
    return `<p${centred}>${marked(element, from)}</p>`;
  },
  'text:span': marked,
  'text:a': (element, from) =>
    `<a href="${escapeHtml(element.getAttribute('xlink:href') ?? '')}">${children(element, from)}</a>`,
  'text:list': (element, from) => {
    const start = from.numbered.get(listStyleOf(element));
    if (start === undefined) return `<ul>${children(element, from)}</ul>`;
    return `<ol start="${start}">${children(element, from)}</ol>`;
  },
  'text:list-item': (element, from) => `<li>${children(element, from)}</li>`,
  'text:line-break': () => '<br>',
  'text:tab': () => ' ',
  'text:s': () => ' ',
  'text:note': () => '',
  'office:annotation': () => '',
  'text:tracked-changes': () => '',
  'table:table': (element, from) => `<table>${children(element, from)}</table>`,
  'table:table-row': (element, from) => `<tr>${children(element, from)}</tr>`,
  'table:table-cell': (element, from) => `<td>${children(element, from)}</td>`,
  'draw:frame': picture,
};

function children(parent: Element, from: Package): string {
  let html = '';
  for (let child = parent.firstChild; child; child = child.nextSibling) {
    if (child.nodeType === 3) html += escapeHtml(child.nodeValue ?? '');
    if (child.nodeType !== 1) continue;
    const element = child as Element;
    html += (ELEMENTS[element.tagName] ?? children)(element, from);
  }
  return html;
}

function marked(element: Element, from: Package): string {
  const marks = from.styles.get(element.getAttribute('text:style-name') ?? '')?.marks ?? [];
  return marks.reduce((inner, mark) => `<${mark}>${inner}</${mark}>`, children(element, from));
}

/** A list inside a list has no style of its own. */
function listStyleOf(list: Element): string {
  for (let at: Element | null = list; at?.nodeType === 1; at = at.parentNode as Element | null) {
    const style = at.getAttribute('text:style-name');
    if (at.tagName === 'text:list' && style) return style;
  }
  return '';
}

const TYPES: Readonly<Record<string, string>> = {
  png: 'image/png',
  jpg: 'image/jpeg',
  jpeg: 'image/jpeg',
  gif: 'image/gif',
  webp: 'image/webp',
};

function picture(frame: Element, from: Package): string {
  const href = frame.getElementsByTagName('draw:image')[0]?.getAttribute('xlink:href') ?? '';
  const type = TYPES[href.split('.').at(-1)?.toLowerCase() ?? ''];
  const file = from.files[href];
  if (!file || !type) return children(frame, from);
  const said = ['svg:desc', 'svg:title'].map(
    (name) => frame.getElementsByTagName(name)[0]?.textContent ?? '',
  );
  const alt = said.find((text) => text !== '') ?? '';
  return `<img src="data:${type};base64,${base64(file)}" alt="${escapeHtml(alt)}">`;
}

function base64(bytes: Uint8Array): string {
  let binary = '';
  for (let start = 0; start < bytes.length; start += 8192)
    binary += String.fromCharCode(...bytes.subarray(start, start + 8192));
  return btoa(binary);
}

function elements(document: Document, name: string): Element[] {
  return [...Array.from(document.getElementsByTagName(name))];
}

function firstElement(parent: Element): Element | null {
  for (let child = parent.firstChild; child; child = child.nextSibling)
    if (child.nodeType === 1) return child as Element;
  return null;
}
