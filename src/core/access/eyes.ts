import type { Audience } from './audience';
import { may, type Actor } from './may';

/** Whose eyes a post can be looked at with, those nearest to its writer first. */
export const EYES = ['classmate', 'family', 'stranger'] as const;
export type Eyes = (typeof EYES)[number];

/** Somebody of each kind, as access knows them. */
export const SEEN_AS: Readonly<Record<Eyes, Actor>> = {
  stranger: { personId: null, role: null },
  family: { personId: 'family', role: 'reader' },
  classmate: { personId: 'classmate', role: 'student' },
};

/** Whether somebody finds a post that was published to an audience, or once they show the passphrase. */
export function finds(eyes: Eyes, publishedTo: Audience): 'yes' | 'passphrase' | 'no' {
  const actor = SEEN_AS[eyes];
  if (may(actor, 'post.read', { publishedTo })) return 'yes';
  return may(actor, 'post.read', { publishedTo, passphraseShown: true }) ? 'passphrase' : 'no';
}
