import type { Subject } from '../../../core/access/may';
import { isForTeachers } from '../../../core/comments/rules';
import type { CommentRow } from '../../tables/comments';

interface Under {
  /** Who wrote the post that it stands under. */
  readonly writerOfPost: Subject['writerId'];
  /** Who would act on it. */
  readonly personId: string | null;
}

/** A comment as the access table asks for it: its author stands as the writer. */
export function commentSubject(
  { authorId, reasons }: Pick<CommentRow, 'authorId' | 'reasons'>,
  { writerOfPost, personId }: Under,
): Subject {
  return { writerId: authorId, teachersOnly: isForTeachers(reasons) || writerOfPost === personId };
}
