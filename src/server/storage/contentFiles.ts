import { mkdir, readFile, rename, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { newId } from '../database/newId';

/** Keeps a file at a place that its content alone decides; one that is there already is left alone. */
export async function storeFile(place: string, file: Buffer): Promise<void> {
  if (await stat(place).catch(() => null)) return;
  await mkdir(path.dirname(place), { recursive: true });
  // Written aside and put in place at once, so that nobody ever reads half a file.
  const aside = `${place}.${newId()}`;
  await writeFile(aside, file);
  await rename(aside, place);
}

/** The file at a place, or null where there is none. */
export async function maybeReadFile(place: string): Promise<Buffer | null> {
  try {
    return await readFile(place);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
    throw error;
  }
}
