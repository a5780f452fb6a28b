const MARKS: readonly (readonly [encoding: string, mark: readonly number[]])[] = [
  ['utf-8', [0xef, 0xbb, 0xbf]],
  ['utf-16le', [0xff, 0xfe]],
  ['utf-16be', [0xfe, 0xff]],
];

/** How many bytes are looked at to tell UTF-16 without a mark. */
const SAMPLE = 2000;

/**
 * The text of a file as spreadsheets write it: UTF-8 with or without its mark, UTF-16 with or without it, or else
 * Windows-1252, in which every sequence of bytes is some text.
 */
export function decodeText(bytes: Uint8Array): string {
  const marked = MARKS.find(([, mark]) => mark.every((byte, index) => bytes[index] === byte));
  if (marked) return new TextDecoder(marked[0]).decode(bytes);
  const wide = wideEncoding(bytes);
  if (wide) return new TextDecoder(wide).decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch (error) {
    if (!(error instanceof TypeError)) throw error;
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** In UTF-16 the separators and line ends of a table have a zero byte each, always on the same side. */
function wideEncoding(bytes: Uint8Array): string | null {
  const zeros = [0, 0];
  const length = Math.min(bytes.length, SAMPLE);
  for (let index = 0; index < length; index += 1)
    if (bytes[index] === 0) zeros[index % 2] = (zeros[index % 2] ?? 0) + 1;
  const [even = 0, odd = 0] = zeros;
  if (odd > 1 && even === 0) return 'utf-16le';
  if (even > 1 && odd === 0) return 'utf-16be';
  return null;
}
