'use client';

/** Larger files are made smaller before they are sent, to pictures whose longer side is no longer than this. */
const MOST_BYTES = 3 * 1024 * 1024;
const LONGEST_SIDE = 3200;
const QUALITY = 0.9;

/** What a browser can draw and write again without losing anything that matters; drawings that move are left alone. */
const REDRAWN: Readonly<Record<string, string>> = {
  'image/jpeg': 'image/jpeg',
  'image/png': 'image/webp',
  'image/webp': 'image/webp',
};

/**
 * A picture of the size that a post needs, made in the browser: a camera's file goes through a school's line in a moment. What the
 * browser cannot draw, or would make no smaller, is sent as it is.
 */
export async function smallerPicture(file: File): Promise<File> {
  const type = REDRAWN[file.type];
  if (!type || file.size <= MOST_BYTES) return file;
  try {
    const whole = await createImageBitmap(file);
    const share = Math.min(1, LONGEST_SIDE / Math.max(whole.width, whole.height));
    const canvas = new OffscreenCanvas(Math.round(whole.width * share), Math.round(whole.height * share));
    canvas.getContext('2d')?.drawImage(whole, 0, 0, canvas.width, canvas.height);
    whole.close();
    const blob = await canvas.convertToBlob({ type, quality: QUALITY });
    return blob.size < file.size ? new File([blob], file.name, { type: blob.type }) : file;
  } catch {
    // Broken, or too large for this device: the server says what is wrong with it.
    return file;
  }
}
