import { statfs } from 'node:fs/promises';
import { getSettings } from '../settings/settings';

/**
 * Room that is left to what goes on by itself, and to deeds of a few words, such as taking a post down: bytes. A database that
 * cannot even undo what it began for want of room ends at once.
 */
const RESERVE = 64 * 1024 * 1024;
/** Up to how many bytes something counts as a few words. */
const FEW = 4096;

/**
 * Whether something can still be kept. Asked of the disk with the pictures, which is mostly the database's too.
 * @param bytes how much is brought; null where that is not said
 */
export async function isRoomFor(
  bytes: number | null,
  folder = getSettings().pictureFolder,
): Promise<boolean> {
  if (bytes !== null && bytes <= FEW) return true;
  const disk = await statfs(folder).catch(() => null);
  return disk === null || disk.bavail * disk.bsize >= RESERVE + (bytes ?? 0);
}
