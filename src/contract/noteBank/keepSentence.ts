import { LONGEST_GROUP, LONGEST_SENTENCE } from '../../core/notes/bank';
import { deed } from '../deed';
import type { SentenceKept } from './sentenceKept';

/** Keeps a sentence in one's own note bank, or changes one that is there. */
export const keepSentence = deed({
  name: 'keepSentence',
  on: 'class',
  action: 'class.teach',
  unlogged: true,
  fields: {
    /** Drawn by the page that began it. */
    sentenceId: { type: 'string', pattern: '^[0-9a-z]{16}$' },
    words: { type: 'string', minLength: 1, maxLength: LONGEST_SENTENCE },
    group: { type: 'string', maxLength: LONGEST_GROUP },
    shared: { type: 'boolean' },
    /** The version that is changed; 0 for one that nobody has kept yet. */
    version: { type: 'integer', minimum: 0 },
  },
}).answers<readonly SentenceKept[]>();
