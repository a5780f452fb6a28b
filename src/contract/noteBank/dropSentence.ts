import { deed } from '../deed';
import { idSchema } from '../idSchema';
import type { SentenceKept } from './sentenceKept';

/** Takes a sentence out of one's own note bank. Notes that it went into stay as they are. */
export const dropSentence = deed({
  name: 'dropSentence',
  on: 'class',
  action: 'class.teach',
  unlogged: true,
  fields: { sentenceId: idSchema },
}).answers<readonly SentenceKept[]>();
