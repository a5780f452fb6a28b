import { deed } from '../deed';

const LONGEST = 2000;

/** Writes a comment under a published post, for the class to read; `waits` where somebody reads it before. */
export const writeComment = deed({
  name: 'writeComment',
  on: 'post',
  action: 'comment.write',
  fields: {
    text: { type: 'string', maxLength: LONGEST },
  },
}).answers<{ readonly commentId: string; readonly waits: boolean }>();
