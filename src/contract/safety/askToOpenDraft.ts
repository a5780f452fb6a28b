import { deed } from '../deed';

/**
 * Asks to open a draft for a safety concern. Nothing is opened by it: an administrator has to agree. Every administrator
 * gets a mail that says that somebody asked, and nothing of whom it is about.
 */
export const askToOpenDraft = deed({
  name: 'askToOpenDraft',
  on: 'post',
  action: 'draft.askToOpen',
  whileResting: true,
  fields: {
    /** What the teacher fears. */
    reason: { type: 'string', maxLength: 2000 },
    /** Why telling the writer would do harm; empty where the writer is to be told. */
    harm: { type: 'string', maxLength: 300 },
  },
}).answers<{ readonly openingId: string }>();
