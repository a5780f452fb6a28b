import { deed } from '../deed';
import type { SentenceKept } from './sentenceKept';

/** One's own note bank, and what teachers with whom one shares a class let others use. */
export const listSentences = deed({
  name: 'listSentences',
  on: 'class',
  action: 'class.teach',
  looksOnly: true,
}).answers<readonly SentenceKept[]>();
