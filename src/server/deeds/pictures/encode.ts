import { PICTURE_WIDTHS, type PictureWidth } from '../../../core/document/pictureAddress';
import { addPicture } from '../../../contract/fileDoors/addPicture';
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { refused, type Refusal } from '../../ground/access/useCase';

/** The largest file and the largest picture, by pixels, that is taken. */
export const MOST_BYTES = addPicture.most;
const MOST_PIXELS = 60_000_000;

const FORMATS = new Set(['jpeg', 'png', 'webp', 'gif', 'avif', 'heif', 'tiff']);

export interface EncodedPicture {
  readonly ok: true;
  readonly contentHash: string;
  /** 64 bits as 16 hexadecimal digits; see `differenceHash`. */
  readonly perceptualHash: string;
  readonly width: number;
  readonly height: number;
  readonly files: ReadonlyMap<PictureWidth, Buffer>;
}

/** Turns an uploaded file upright, drops its metadata (where it was taken, too) and encodes it anew in three widths. */
export async function encodePicture(file: Buffer): Promise<EncodedPicture | Refusal> {
  if (file.length > MOST_BYTES)
    return refused('picture.tooLarge', 'file', { most: MOST_BYTES / 1024 / 1024 });
  // What phones keep needs a decoder that sharp comes without; it is said what to do instead.
  if (isHeic(file)) return refused('picture.heic', 'file');
  try {
    const metadata = await sharp(file, { limitInputPixels: MOST_PIXELS }).metadata();
    if (!FORMATS.has(metadata.format)) return refused('picture.notAPicture', 'file');

    const upright = await sharp(file, { limitInputPixels: MOST_PIXELS })
      .rotate()
      .toBuffer({ resolveWithObject: true });
    const files = new Map<PictureWidth, Buffer>();
    for (const width of PICTURE_WIDTHS)
      files.set(
        width,
        await sharp(upright.data)
          .resize({ width, withoutEnlargement: true })
          .webp({ quality: 82 })
          .toBuffer(),
      );
    const largest = files.get(1600)!;
    return {
      ok: true,
      contentHash: createHash('sha256').update(largest).digest('hex'),
      perceptualHash: await differenceHash(upright.data),
      width: upright.info.width,
      height: upright.info.height,
      files,
    };
  } catch (error) {
    // sharp has no codes: whatever it cannot decode is a broken file, or no picture, or too large by pixels.
    if (error instanceof Error && /pixel limit/i.test(error.message))
      return refused('picture.tooManyPixels', 'file');
    if (error instanceof Error) return refused('picture.notAPicture', 'file');
    throw error;
  }
}

/** Difference hash: whether each of 8 × 8 grey cells is brighter than the one right of it, row by row. */
async function differenceHash(picture: Buffer): Promise<string> {
  const cells = await sharp(picture).flatten().greyscale().resize(9, 8, { fit: 'fill' }).raw().toBuffer();
  let bits = '';
  for (let row = 0; row < 8; row += 1)
    for (let column = 0; column < 8; column += 1)
      bits += cells[row * 9 + column]! > cells[row * 9 + column + 1]! ? '1' : '0';
  return BigInt(`0b${bits}`).toString(16).padStart(16, '0');
}

/** Whether a file is a HEIC picture by the brands that it names (ISO/IEC 23008-12, 10.2). */
function isHeic(file: Buffer): boolean {
  const brands = file.subarray(4, 64).toString('latin1');
  return /^ftyp(?:heic|heix|heim|heis|hevc|hevx)/.test(brands) || /^ftypmif1.*hei[cx]/su.test(brands);
}
