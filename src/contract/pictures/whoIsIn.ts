import type { OthersInPicture } from '../../core/privacy/consent';
import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** What was said of who is in a picture, and the students of the class whom it could show. */
export interface WhoIsIn {
  readonly told: boolean;
  readonly people: readonly string[];
  readonly others: OthersInPicture;
  readonly students: readonly { readonly personId: string; readonly name: string }[];
  /** Whether whoever asks may say it, and whether they may say that others agreed. */
  readonly tells: boolean;
  readonly teaches: boolean;
}

/** Asks who is in a picture. */
export const whoIsIn = deed({
  name: 'whoIsIn',
  on: 'class',
  action: 'picture.tell',
  fields: { pictureId: idSchema },
  looksOnly: true,
  whileResting: true,
}).answers<WhoIsIn>();
