import { alike, fold } from '../text/alike';

/** A label as it is compared: alike, without a leading `#`, spaces, hyphens and underscores ignored. */
export function labelKey(label: string): string {
  return alike(fold(label).trim().replace(/^#+/, '')).replace(/[\s\-_\u2010\u2011]/gu, '');
}
