import { unzipSync } from 'fflate';
import mammoth from 'mammoth';
import { startedByMarks, withNumbersMarked } from './docxNumbers';
import { MOST_UNPACKED } from './readOdt';

/** What the package leaves out by itself. */
const KEPT_TOO = ['u => u'];

/**
 * The text of a word processor's file (.docx, ECMA-376) as HTML.
 * @returns null where the file is none
 */
export async function maybeReadDocx(file: Uint8Array): Promise<string | null> {
  if (!unpacksWithin(file)) return null;
  try {
    const buffer = Buffer.from(withNumbersMarked(file));
    return startedByMarks((await mammoth.convertToHtml({ buffer }, { styleMap: KEPT_TOO })).value);
  } catch (error) {
    // The packages answer every broken file with a plain error; what is nested too deep is told by who runs this.
    if (error instanceof Error && !(error instanceof RangeError)) return null;
    throw error;
  }
}

/** Whether an archive says that it unpacks to no more than we take; false too where it is none. */
function unpacksWithin(file: Uint8Array): boolean {
  let size = 0;
  try {
    unzipSync(file, {
      filter: ({ originalSize }) => {
        size += originalSize;
        return false;
      },
    });
    return size <= MOST_UNPACKED;
  } catch {
    // fflate throws for whatever is no archive.
    return false;
  }
}
