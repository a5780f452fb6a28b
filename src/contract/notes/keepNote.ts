import { anchorSchema, type Anchor } from '../../core/notes/anchor';
import { LONGEST_NOTE, LONGEST_QUOTE, LONGEST_SUGGESTION, NOTE_TARGETS } from '../../core/notes/note';
import { deed } from '../deed';
import { idSchema } from '../idSchema';
import { schemaOf } from '../input';

/** What its author types: the words of a note, and perhaps other words for the passage. */
export interface NoteTyped {
  readonly text: string;
  readonly suggested: string | null;
}

export type NoteKept =
  | { readonly kind: 'kept'; readonly version: number }
  /** It was changed on another page since: what stands there now. */
  | { readonly kind: 'changed'; readonly version: number; readonly typed: NoteTyped };

const { quote, ...rest } = anchorSchema.properties;

/**
 * Keeps a note as it is typed, for its author alone until it is sent. One without words is forgotten where it was never sent.
 */
export const keepNote = deed({
  name: 'keepNote',
  on: 'post',
  action: 'post.review',
  unlogged: true,
  fields: {
    /** Drawn by the page that began it. */
    noteId: { type: 'string', pattern: '^[0-9a-z]{16}$' },
    /** What its author read. */
    handInId: idSchema,
    target: { enum: NOTE_TARGETS },
    /** Which picture, requirement or criterion; null for the others. */
    targetId: { type: ['string', 'null'], maxLength: 200 },
    /** The passage; null for the others. */
    anchor: schemaOf<Anchor | null>({
      ...anchorSchema,
      type: ['object', 'null'],
      properties: { ...rest, quote: { ...quote, minLength: 1, maxLength: LONGEST_QUOTE } },
    }),
    text: { type: 'string', maxLength: LONGEST_NOTE },
    suggested: { type: ['string', 'null'], maxLength: LONGEST_SUGGESTION },
    /** The version that this was typed on; 0 for one that nobody has kept yet. */
    version: { type: 'integer', minimum: 0 },
    /**
     * Which page sends it, by a name that it has drawn by lot, and a number that counts up with each time it does: it goes on from
     * its own last words, also where the answer to those never came.
     */
    page: { type: 'string', pattern: '^[0-9a-f]{32}$' },
    turn: { type: 'integer', minimum: 0, maximum: Number.MAX_SAFE_INTEGER },
  },
  optional: ['page', 'turn'],
}).answers<NoteKept>();
