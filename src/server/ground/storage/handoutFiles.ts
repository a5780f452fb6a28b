import { rm } from 'node:fs/promises';
import path from 'node:path';
import { getSettings } from '../settings/settings';
import { deleteLitter, maybeReadFile, storeFile } from './contentFiles';

/** Keeps a handout's file under the hash of its content. */
export async function storeHandout(contentHash: string, file: Buffer): Promise<void> {
  await storeFile(placeOf(contentHash), file);
}

/** A handout's file, or null where there is none. */
export async function maybeReadHandout(contentHash: string): Promise<Buffer | null> {
  return maybeReadFile(placeOf(contentHash));
}

/** Deletes a handout's file; one that is gone already does not matter. */
export async function deleteHandout(contentHash: string): Promise<void> {
  await rm(placeOf(contentHash), { force: true });
}

/** Deletes the files of handouts that no row names and that lie there since before a moment; how many. */
export async function deleteHandoutLitter(
  before: Date,
  needed: Parameters<typeof deleteLitter>[2],
): Promise<number> {
  return deleteLitter(folder(), before, needed);
}

function placeOf(contentHash: string): string {
  return path.join(folder(), contentHash.slice(0, 2), contentHash);
}

/** Within the folder of the pictures, so that whoever keeps a copy of that has everything. */
const folder = (): string => path.join(getSettings().pictureFolder, 'handouts');
