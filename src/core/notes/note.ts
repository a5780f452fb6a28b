/** What a note is pinned to; the order in which notes without a passage are shown. */
export const NOTE_TARGETS = ['post', 'passage', 'picture', 'requirement', 'criterion'] as const;

export type NoteTarget = (typeof NOTE_TARGETS)[number];

/** Characters of a note, of an answer to it, of other words for its passage, and of the passage that it keeps as its quote. */
export const LONGEST_NOTE = 4000;
export const LONGEST_ANSWER = 2000;
export const LONGEST_SUGGESTION = 2000;
export const LONGEST_QUOTE = 2000;
