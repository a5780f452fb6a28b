import { getSettings } from '../ground/settings/settings';

/** One of our own addresses in full, as it is written in a header or a file. */
export function originUrl(path: string): string {
  return new URL(path, getSettings().origin).href;
}
