/** A question as it stands before those who asked it. */
export interface OwnQuestion {
  readonly id: string;
  readonly words: string;
  readonly passage: string | null;
  readonly state: 'open' | 'alone' | 'all' | 'aloud';
  /** The answer to who asked alone. */
  readonly answer: string | null;
  readonly by: string | null;
  readonly when: string | null;
}

/** What was answered to everybody who has an assignment. */
export interface PublicAnswer {
  readonly id: string;
  readonly words: string;
  readonly answer: string;
}

/** What was asked and answered about an assignment, as one of its students knows it. */
export interface QuestionsOfAssignment {
  readonly classId: string;
  readonly assignmentId: string;
  /** BCP 47, of the class: by it questions are found again. */
  readonly language: string;
  readonly answers: readonly PublicAnswer[];
  readonly own: readonly OwnQuestion[];
  /** Whether something was answered since they looked. */
  readonly unseen: boolean;
}

/** A question that waits, as those who teach see it. */
export interface OpenQuestion {
  readonly id: string;
  readonly classId: string;
  readonly assignmentId: string;
  readonly title: string;
  readonly inClass: string;
  /** Null where the assignment is judged without names and nothing stands for the asker. */
  readonly name: string | null;
  readonly words: string;
  readonly passage: string | null;
  readonly ago: string;
  readonly when: string;
  /** Other open questions of the same assignment that sound the same. */
  readonly alike: readonly string[];
}

/** The questions that wait for a teacher, of all their classes. */
export interface QuestionsShown {
  /** How many there are in all; the oldest of them stand here. */
  readonly waiting: number;
  readonly questions: readonly OpenQuestion[];
  /** What was answered to everybody before, by assignment. */
  readonly answered: Readonly<Record<string, readonly PublicAnswer[]>>;
}
