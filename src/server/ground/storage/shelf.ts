import { mkdir, opendir, readFile, rename, rm, stat, utimes, writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { Database } from '../database/database';
import { newId } from '../database/newId';

/**
 * Where files of one kind lie, each under the hash of its content (SHA-256, in hexadecimal), so that what is brought twice is kept once. A
 * row of a table names each of them.
 */
export interface Shelf<Form> {
  /** Keeps a file in one of its forms; one that is there already counts as stored anew. */
  store(contentHash: string, form: Form, file: Buffer): Promise<void>;
  /** A file in one of its forms, or null where there is none. */
  maybeRead(contentHash: string, form: Form): Promise<Buffer | null>;
  /**
   * Deletes files that no row names any more, in all their forms; those that are gone already don't matter. It is asked after the rows
   * were erased: a file without a row is only litter, a row without its file would be a broken picture.
   */
  deleteUnnamed(database: Database, contentHashes: readonly string[]): Promise<void>;
  /** Deletes what no row names and what lies there half written, where it does so since before a moment; how many. */
  tidy(database: Database, before: Date): Promise<number>;
}

/** A shelf of files that a table names in its column `content_hash`. */
export function shelf<Form>({
  table,
  folder,
  forms,
  nameOf,
}: {
  readonly table: 'pictures' | 'handouts';
  readonly folder: () => string;
  readonly forms: readonly Form[];
  /** The name of a file in its folder; it begins with the hash. */
  readonly nameOf: (contentHash: string, form: Form) => string;
}): Shelf<Form> {
  const placeOf = (contentHash: string, form: Form) =>
    path.join(folder(), contentHash.slice(0, 2), nameOf(contentHash, form));
  return {
    store: (contentHash, form, file) => storeFile(placeOf(contentHash, form), file),
    maybeRead: (contentHash, form) => maybeReadFile(placeOf(contentHash, form)),
    async deleteUnnamed(database, contentHashes) {
      const named = await listNamed(database, table, contentHashes);
      for (const contentHash of contentHashes.filter((one) => !named.has(one)))
        for (const form of forms) await rm(placeOf(contentHash, form), { force: true });
    },
    tidy: (database, before) =>
      deleteLitter(folder(), before, (hashes) => listNamed(database, table, hashes)),
  };
}

/** Which of some contents a row still names. */
async function listNamed(
  database: Database,
  table: 'pictures' | 'handouts',
  hashes: readonly string[],
): Promise<ReadonlySet<string>> {
  const rows = await database.rows<{ hash: string }>(
    `SELECT DISTINCT content_hash AS hash FROM ${table}
     JOIN JSON_TABLE(:hashes, '$[*]' COLUMNS (hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin PATH '$')) AS asked ON asked.hash = ${table}.content_hash`,
    { hashes: JSON.stringify(hashes) },
  );
  return new Set(rows.map((row) => row.hash));
}

/** Keeps a file at a place that its content alone decides; one that is there already counts as stored anew. */
async function storeFile(place: string, file: Buffer): Promise<void> {
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
async function maybeReadFile(place: string): Promise<Buffer | null> {
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
async function deleteLitter(
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
