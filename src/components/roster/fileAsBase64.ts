/** The largest file that is read: some 20,000 people. */
export const LARGEST_FILE = 1_000_000;

/** A file's bytes as base64, for sending them inside JSON. */
export async function fileAsBase64(file: File): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let text = '';
  // In pieces: a call takes only so many arguments.
  for (let start = 0; start < bytes.length; start += 8192)
    text += String.fromCharCode(...bytes.subarray(start, start + 8192));
  return btoa(text);
}
