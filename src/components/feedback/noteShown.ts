/** A note as it stands beside a post. */
export interface NoteShown {
  readonly id: string;
  readonly author: string;
  /** In words, in the class's time zone. */
  readonly when: string;
  readonly text: string;
}
