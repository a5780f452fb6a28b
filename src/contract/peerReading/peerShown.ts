/** What somebody said of a text, for its writer. */
export interface PeerSaid {
  readonly readingId: string;
  /** Who said it; null where readers are not named. */
  readonly by: string | null;
  readonly useful: boolean;
  readonly answers: readonly {
    readonly question: string;
    readonly words: string;
    readonly quote: string | null;
  }[];
  readonly notes: readonly { readonly name: string; readonly words: string; readonly quote: string | null }[];
}

/** How it stands with reading each other, for one of the writers. */
export interface PeerStanding {
  /** When texts are taken, in words; null where that is over, or not settled. */
  readonly takes: string | null;
  /** To whom the own text goes then, or went; empty before groups are made. */
  readonly goesTo: readonly string[];
  /** Whether readers are named to those whom they read for. */
  readonly named: boolean;
  /** What one has to read: whose, and whether it was given back. */
  readonly toRead: readonly { readonly readingId: string; readonly of: string; readonly given: boolean }[];
  /** With whom one would read who has something to show only now; null where one cannot join. */
  readonly joins: readonly string[] | null;
  readonly said: readonly PeerSaid[];
}
