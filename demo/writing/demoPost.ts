/** How far a demo post has come, and what a teacher said and did. Days are counted back from today. */
export interface DemoPost {
  readonly student: string;
  readonly assignment: 'instrument' | 'skies' | 'sayings' | 'log';
  readonly title: string;
  readonly labels: readonly string[];
  /** Markdown; `{{drawing|caption|credit|description}}` on a line of its own is a picture. */
  readonly text: string;
  readonly begun: number;
  /** Days ago of each hand-in, oldest first; none for a draft. */
  readonly handedIn?: readonly number[];
  /** What went with the first hand-in instead of `text`, where the post was handed in twice. */
  readonly firstText?: string;
  /** How it grew before it stood as it was handed in, oldest first. */
  readonly days?: readonly DemoSitting[];
  /** A note on the whole post, and notes on passages of what was handed in then. */
  readonly note?: string;
  readonly pinned?: readonly DemoNote[];
  readonly decision?: 'sentBack' | 'accepted';
  /** Chosen level of each criterion, in the rubric's order. */
  readonly levels?: readonly (number | null)[];
  readonly gradeGivenBack?: boolean;
  /** What another teacher of the class told about it to those who look after worries. */
  readonly worry?: string;
}

/** What stood in a draft after one sitting. */
interface DemoSitting {
  readonly daysAgo: number;
  /** The text up to the end of these words of it. */
  readonly upTo: string;
  /** What stood after that, and was taken away later. */
  readonly besides?: string;
  /** Words of it that came at once. */
  readonly pasted?: string;
}

/** A note on a passage, with other words for it, and what the writer said when it was done. */
export interface DemoNote {
  readonly passage: string;
  readonly text: string;
  readonly suggested?: string;
  readonly answer?: string;
}
