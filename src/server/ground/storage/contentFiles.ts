import { mkdir, opendir, readFile, rename, rm, stat, utimes, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { newId } from '../database/newId';

/** Keeps a file at a place that its content alone decides; one that is there already counts as stored anew. */
export async function storeFile(place: string, file: Buffer): Promise<void> {
  // Touched, so that what tidies up does not take it for litter just when a row is about to name it again.
  const now = new Date();
  if (
    await utimes(place, now, now).then(
      () => true,
      () => false,
    )
  )
    return;
  await mkdir(path.dirname(place), { recursive: true });
  // Written aside and put in place at once, so that nobody ever reads half a file.
  const aside = `${place}.${newId()}`;
  try {
    await writeFile(aside, file);
    await rename(aside, place);
  } catch (error) {
    // Mostly the disk is full; half a file would only make it fuller.
    await rm(aside, { force: true });
    throw error;
  }
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

/**
 * Deletes what lies in a folder since before a moment and is not needed: files whose content no row names, and those that a
 * kill left half written.
 * @param needed which of some hashes, in hexadecimal, are still named
 * @returns how many files were deleted
 */
export async function deleteLitter(
  folder: string,
  before: Date,
  needed: (hashes: readonly string[]) => Promise<ReadonlySet<string>>,
): Promise<number> {
  let deleted = 0;
  for await (const shelf of await maybeOpen(folder)) {
    if (!shelf.isDirectory() || !/^[0-9a-f]{2}$/.test(shelf.name)) continue;
    const old: string[] = [];
    for await (const file of await maybeOpen(path.join(folder, shelf.name))) {
      const found = await stat(path.join(folder, shelf.name, file.name)).catch(() => null);
      if (found?.isFile() && found.mtime < before) old.push(file.name);
    }
    const kept = await needed([...new Set(old.map(hashOf))].filter((hash) => hash !== ''));
    for (const name of old) {
      if (!/\.[0-9a-z]{16}$/.test(name) && kept.has(hashOf(name))) continue;
      await rm(path.join(folder, shelf.name, name), { force: true });
      deleted += 1;
    }
  }
  return deleted;
}

const hashOf = (name: string): string => /^[0-9a-f]{64}/.exec(name)?.[0] ?? '';

async function maybeOpen(folder: string) {
  try {
    return await opendir(folder);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return [];
    throw error;
  }
}
