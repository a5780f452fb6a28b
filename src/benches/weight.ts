import { gzipSync } from 'node:zlib';

/** What a page carries, in bytes after gzip: its HTML, and the scripts that it names. */
export interface Weight {
  readonly html: number;
  readonly script: number;
}

/** Asks for something and gives its text. */
export type Ask = (path: string) => Promise<string>;

/** What a page weighs before anything is pressed. */
export async function weightOf(ask: Ask, path: string): Promise<Weight> {
  const html = await ask(path);
  const named = new Set([...html.matchAll(/\/_next\/static\/[^"'\\\s]+?\.js/g)].map(([address]) => address));
  let script = 0;
  for (const address of named) script += gzipped(await ask(address));
  return { html: gzipped(html), script };
}

function gzipped(text: string): number {
  return gzipSync(text).length;
}

/** A line of what a page weighs against the framework's empty page: kilobytes, and how many more of script. */
export interface WeightLine {
  readonly name: string;
  /** Its script against the empty page's. */
  readonly ratio: number;
  /** Kilobytes of script above the empty page's. */
  readonly value: number;
  readonly unit: 'kB';
  readonly html: number;
  readonly script: number;
}

export function weightLine(name: string, { html, script }: Weight, bare: Weight): WeightLine {
  return {
    name: `weight-${name}`,
    ratio: Math.round((script / bare.script) * 100) / 100,
    value: kilobytes(script - bare.script),
    unit: 'kB',
    html: kilobytes(html),
    script: kilobytes(script),
  };
}

function kilobytes(bytes: number): number {
  return Math.round(bytes / 100) / 10;
}
