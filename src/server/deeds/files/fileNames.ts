import { FILE_KINDS } from '../../../workers/tasks/readFile';

/** Unicode characters. */
const LONGEST_NAME = 200;

/** A file's name without folders and without signs that a file's name cannot have; empty where nothing is left. */
export function bareName(given: string): string {
  const name = (given.split(/[\\/]/).at(-1) ?? '').replace(/\p{Cc}/gu, '').trim();
  const signs = Array.from(name);
  return signs.length > LONGEST_NAME ? signs.slice(-LONGEST_NAME).join('') : name;
}

/** How a file is read, by the end of its name; or why it is not. */
export function kindByName(
  name: string,
): (typeof FILE_KINDS)[number] | { readonly refusal: 'file.oldKind' | 'file.unknownKind' } {
  const ending = /\.([a-z]+)$/i.exec(name)?.[1]?.toLowerCase() ?? '';
  const kind = FILE_KINDS.find((one) => one === ending);
  return kind ?? { refusal: ending === 'doc' ? 'file.oldKind' : 'file.unknownKind' };
}
