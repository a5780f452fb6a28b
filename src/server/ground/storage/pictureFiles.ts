import { PICTURE_WIDTHS, type PictureWidth } from '../../../core/document/pictureAddress';
import { rm } from 'node:fs/promises';
import path from 'node:path';
import { getSettings } from '../settings/settings';
import { deleteLitter, maybeReadFile, storeFile } from './contentFiles';

/** Keeps a picture's file under the hash of its content; one that is there already is left alone. */
export async function storePicture(contentHash: string, width: PictureWidth, file: Buffer): Promise<void> {
  await storeFile(placeOf(contentHash, width), file);
}

/** A picture's file, or null where there is none. */
export async function maybeReadPicture(contentHash: string, width: PictureWidth): Promise<Buffer | null> {
  return maybeReadFile(placeOf(contentHash, width));
}

/** Deletes a picture's files; those that are gone already do not matter. */
export async function deletePicture(contentHash: string): Promise<void> {
  for (const width of PICTURE_WIDTHS) await rm(placeOf(contentHash, width), { force: true });
}

/** Deletes the files of pictures that no row names and that lie there since before a moment; how many. */
export async function deletePictureLitter(
  before: Date,
  needed: Parameters<typeof deleteLitter>[2],
): Promise<number> {
  return deleteLitter(getSettings().pictureFolder, before, needed);
}

function placeOf(contentHash: string, width: PictureWidth): string {
  return path.join(getSettings().pictureFolder, contentHash.slice(0, 2), `${contentHash}-${width}.webp`);
}
