import type { WordsMoved } from '../../core/origin/countSave';
import type { Passage } from '../../core/notes/passage';

/** A part of the fence: a day, a week or a month with what stands under it, or days without writing. */
export type ColumnShown =
  | {
      readonly kind: 'day' | 'week' | 'month';
      readonly date: string;
      readonly label: string;
      readonly sittings: number;
      readonly groups: readonly WordsMoved[];
    }
  | { readonly kind: 'gap'; readonly days: number };

/** A piece that came at once. */
export interface PieceShown {
  readonly day: string;
  readonly words: number;
  /** So many of them stand as they came, in these passages of the plain text. */
  readonly standing: number;
  readonly passages: readonly Passage[];
}

export interface OriginShown {
  readonly title: string;
  readonly html: string;
  /** All words that stand in the text. */
  readonly words: number;
  readonly sum: WordsMoved;
  /** Words that stood there before any were counted. */
  readonly before: number;
  readonly days: number;
  readonly of: number;
  readonly columns: readonly ColumnShown[];
  readonly sittings: readonly (WordsMoved & { readonly day: string })[];
  readonly pieces: readonly PieceShown[];
  readonly manyPieces: boolean;
  /** For its writer who opened it when; for a teacher when they did. The latest first. */
  readonly openings: readonly { readonly by: string; readonly when: string }[];
}

export interface OriginProps {
  readonly classId: string;
  readonly postId: string;
  /** Whether its writer looks at it. */
  readonly own: boolean;
  /** The writer, as who looks may know them. */
  readonly name: string;
  readonly assignmentTitle: string;
  readonly handedIn: string | null;
  readonly since: string | null;
  /** Null for a teacher until they have opened it. */
  readonly shown: OriginShown | null;
}
