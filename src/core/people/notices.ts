/** How soon somebody is written to about what waits for them. */
export const MAIL_CHOICES = ['atOnce', 'daily', 'never'] as const;
export type MailChoice = (typeof MAIL_CHOICES)[number];

/**
 * What somebody is written to about, by its key under `mail.notices` in the message catalogue. A worry is none of these: whoever
 * looks after it is written to at once, whatever they chose.
 */
export type NoticeKind =
  /** For a writer: a post came back, was accepted, has notes, its grade was given back. */
  | 'sentBack'
  | 'accepted'
  | 'notes'
  | 'gradeBack'
  /** For the teachers of a class: an answer to a note asks something, a published post was changed, a comment waits. */
  | 'asking'
  | 'changedOnes'
  | 'commentWaits';
