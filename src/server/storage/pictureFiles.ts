import { mkdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { newId } from '../database/newId';
import { getSettings } from '../settings/settings';

/** Widths, in pixels, in which every picture is kept; a narrower original is not enlarged. */
export const PICTURE_WIDTHS = [480, 960, 1600] as const;
export type PictureWidth = (typeof PICTURE_WIDTHS)[number];

/** Keeps a picture's file under the hash of its content; one that is there already is left alone. */
export async function storePicture(contentHash: string, width: PictureWidth, file: Buffer): Promise<void> {
  const place = placeOf(contentHash, width);
  if (await stat(place).catch(() => null)) return;
  await mkdir(path.dirname(place), { recursive: true });
  // Written aside and put in place at once, so that nobody ever reads half a file.
  const aside = `${place}.${newId()}`;
  await writeFile(aside, file);
  await rename(aside, place);
}

/** A picture's file, or null where there is none. */
export async function maybeReadPicture(contentHash: string, width: PictureWidth): Promise<Buffer | null> {
  try {
    return await readFile(placeOf(contentHash, width));
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
    throw error;
  }
}

/** Deletes a picture's files; those that are gone already do not matter. */
export async function deletePicture(contentHash: string): Promise<void> {
  for (const width of PICTURE_WIDTHS) await rm(placeOf(contentHash, width), { force: true });
}

function placeOf(contentHash: string, width: PictureWidth): string {
  return path.join(getSettings().pictureFolder, contentHash.slice(0, 2), `${contentHash}-${width}.webp`);
}
