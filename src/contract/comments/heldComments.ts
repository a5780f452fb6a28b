import type { CommentRules, KeptBackFor, Piece, WaitKind, WaitReason } from '../../core/comments/rules';
import type { Slat } from '../../core/requirements/slats';

/** A comment that is not shown, as those who teach see it. */
export interface HeldCommentShown {
  readonly id: string;
  readonly version: number;
  readonly author: string;
  readonly monogram: string;
  /** When it was said, in words. */
  readonly when: string;
  /** The post that it stands under: its title for readers, its address on the class blog, and who wrote it. */
  readonly title: string;
  readonly address: string | null;
  readonly writer: string;
  readonly pieces: readonly Piece[];
  /** Why it waits, or waited. */
  readonly reasons: readonly WaitReason[];
  readonly keptFor: KeptBackFor | null;
  /** Who kept it back; null for what waits. */
  readonly by: string | null;
}

/** What waits in a class, and what makes it wait. */
export interface HeldComments {
  readonly classId: string;
  readonly rules: CommentRules;
  readonly mayChange: boolean;
  /** How it went with what was to wait, for each kind of reason, a picket each. */
  readonly went: Readonly<Record<WaitKind, readonly Slat[]>>;
  readonly waiting: readonly HeldCommentShown[];
  readonly keptBack: readonly HeldCommentShown[];
}
