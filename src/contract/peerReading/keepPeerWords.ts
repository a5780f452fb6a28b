import { anchorSchema } from '../../core/notes/anchor';
import { LONGEST_WORDS, wordsNameSchema } from '../../core/peerReading/rule';
import { deed } from '../deed';

/** Keeps a note or an answer of a reader; no words take it off. It is kept every few seconds, so it leaves no line in the log. */
export const keepPeerWords = deed({
  name: 'keepPeerWords',
  on: 'peerReading',
  action: 'peer.read',
  unlogged: true,
  fields: {
    name: wordsNameSchema,
    anchor: { anyOf: [anchorSchema, { type: 'null' }] },
    words: { type: 'string', maxLength: LONGEST_WORDS },
  },
}).answers<null>();
