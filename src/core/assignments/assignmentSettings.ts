import type { Audience } from '../access/audience';
import type { LateRule } from '../grading/gradeInput';
import type { Release } from '../posts/release';
import type { Requirement } from '../requirements/requirement';
import type { Growing } from './growing';
import type { LessonText } from './lessonText';
import type { Criterion } from './rubric';
import type { StarterGroup } from './starters';

/** What happens at the gate while a required requirement is missing. */
type MissingRule = 'warns' | 'stops';

/** What a teacher decides about an assignment, its due time apart. */
export interface AssignmentSettings extends LessonText {
  readonly number: number;
  readonly title: string;
  /** Sentence starters that a writer may press, by when to use them. */
  readonly starters: readonly StarterGroup[];
  /** Headings that a new post begins with. */
  readonly outline: readonly string[];
  readonly requirements: readonly Requirement[];
  readonly rubric: readonly Criterion[];
  readonly lateRule: LateRule;
  readonly audience: Audience;
  readonly release: Release;
  readonly missing: MissingRule;
  readonly draftsOpen: boolean;
  /** Whether teachers judge it without seeing whose it is, until its grade is given back. */
  readonly hidesNames: boolean;
  /** How wide new pictures begin, in per cent of the text, 15 to 100. */
  readonly pictureWidth: number;
  /** How a post grows until the due time; null for one that is written once. */
  readonly growing: Growing | null;
}

/** An assignment as it is filled in: the due time is local to the class's time zone, `2026-11-19T16:00`. */
export interface AssignmentDraft extends AssignmentSettings {
  readonly due: string | null;
}

/** What of an assignment its teacher decides, without what else is known of it. */
export function settingsOf(assignment: AssignmentSettings): AssignmentSettings {
  const { number, title, instructions, model, starters, outline, requirements, rubric, lateRule } =
    assignment;
  const { audience, release, missing, draftsOpen, hidesNames, pictureWidth, growing } = assignment;
  return {
    ...{ number, title, instructions, model, starters, outline, requirements, rubric, lateRule },
    ...{ audience, release, missing, draftsOpen, hidesNames, pictureWidth, growing },
  };
}
