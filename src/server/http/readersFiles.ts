import { readFileSync } from 'node:fs';
import path from 'node:path';
import { checkOf } from '../ground/input/validate';

/** What readers' pages load beside their HTML, as `bundleReaders` named it. */
export interface ReadersFiles {
  /** Addresses. */
  readonly style: string;
  readonly script: string;
}

const TYPES: Readonly<Record<string, string>> = {
  '.css': 'text/css; charset=utf-8',
  '.js': 'text/javascript; charset=utf-8',
  '.woff2': 'font/woff2',
  '.woff': 'font/woff',
};

const checkNames = checkOf<ReadersFiles>({
  type: 'object',
  required: ['style', 'script'],
  properties: { style: { type: 'string', minLength: 1 }, script: { type: 'string', minLength: 1 } },
});

// They were built with the application, and are the same as long as it runs.
let known: ReadersFiles | null = null;

/** The addresses of the stylesheet and the script. */
export function readersFiles(): ReadersFiles {
  if (known) return known;
  const names = checkNames(JSON.parse(readFileSync(place('names.json'), 'utf8')));
  if (!names.ok) throw new TypeError('the names of the readers’ files cannot be read');
  known = { style: `/readers/${names.value.style}`, script: `/readers/${names.value.script}` };
  return known;
}

/** One of these files, or null where there is none of that name. */
export function maybeReadersFile(
  name: string,
): { readonly content: Buffer<ArrayBuffer>; readonly type: string } | null {
  const type = TYPES[path.extname(name)];
  if (type === undefined || !/^[\w-]+\.[\w.-]+$/.test(name)) return null;
  try {
    return { content: readFileSync(place(name)), type };
  } catch (error) {
    if (error instanceof Error && 'code' in error && error.code === 'ENOENT') return null;
    throw error;
  }
}

function place(name: string): string {
  const folder = process.env['PORCH_BUILD'] ?? '.next';
  return path.join(/*turbopackIgnore: true*/ process.cwd(), folder, 'readers', name);
}
