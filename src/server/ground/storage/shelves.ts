import path from 'node:path';
import { PICTURE_WIDTHS, type PictureWidth } from '../../../core/document/pictureAddress';
import { getSettings } from '../settings/settings';
import { shelf } from './shelf';

/** Every kind of file that is kept. */
export const SHELVES = {
  /** Pictures, in each of their widths. */
  pictures: shelf<PictureWidth>({
    table: 'pictures',
    folder: () => getSettings().pictureFolder,
    forms: PICTURE_WIDTHS,
    nameOf: (contentHash, width) => `${contentHash}-${width}.webp`,
  }),
  /** Files that are given out. They lie within the folder of the pictures, so that whoever keeps a copy of that has everything. */
  handouts: shelf<'whole'>({
    table: 'handouts',
    folder: () => path.join(getSettings().pictureFolder, 'handouts'),
    forms: ['whole'],
    nameOf: (contentHash) => contentHash,
  }),
} as const;

type ShelfKind = keyof typeof SHELVES;
export const SHELF_KINDS = Object.keys(SHELVES) as readonly ShelfKind[];

/** Content hashes of files, by where they lie. */
export type FilesByShelf = Readonly<Record<ShelfKind, readonly string[]>>;
