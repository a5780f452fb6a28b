/** Who else is at a post that is read, and how it stands. */
export interface AtReview {
  /** The other teachers who have it open, by name. */
  readonly openWith: readonly string[];
  /** Who said that they read this one; null while nobody has. */
  readonly takenBy: { readonly name: string; readonly mine: boolean } | null;
  /** Says whether anything was decided, judged or sent since: another one then. */
  readonly standing: string;
}
