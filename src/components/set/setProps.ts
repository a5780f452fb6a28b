import type { InPicturesShown } from '../../contract/publications/inPicturesShown';
import type { Audience } from '../../core/access/audience';
import type { SecondState } from '../../core/grading/secondReading';
import type { InSet } from '../../core/posts/setDeeds';
import type { PostRowShown } from './PostRow';

/** A student in the set of an assignment: how far the post is, what teachers did with it, and what they may do. */
export interface SetRowShown extends PostRowShown, Omit<InSet, 'state' | 'figure'> {
  /** The teacher who typed it in for its writer; null for all that its writer wrote. */
  readonly typedInBy: string | null;
  readonly postId: string | null;
  readonly figure: (NonNullable<InSet['figure']> & { readonly possible: number }) | null;
  /** How it is read a second time, and by whom; `mine`: by who looks, who sees no figure of the first reader. Null where it is not. */
  readonly second: { readonly state: SecondState; readonly mine: boolean; readonly by: string } | null;
  /** How many criteria are judged. */
  readonly judged: number;
  /** How many notes were sent. */
  readonly notes: number;
  /** The teachers who opened the latest hand-in. */
  readonly readBy: readonly { readonly monogram: string; readonly name: string }[];
  /** Of the people of the class, who in its pictures keeps it from readers outside. */
  readonly inPictures: InPicturesShown;
  /** Whether there is an address to write to. */
  readonly hasAddress: boolean;
  /** Until when, where they have another time than the others. */
  readonly until: string | null;
  /** When it is to be opened, in words, and whether that could not be done when it came; null where nothing is planned. */
  readonly planned: { readonly when: string; readonly notOpened: boolean } | null;
  /** When they were reminded last. */
  readonly reminded: string | null;
}

export interface SetProps {
  readonly classId: string;
  readonly assignmentId: string;
  readonly title: string;
  readonly isSet: boolean;
  readonly due: string | null;
  readonly past: boolean;
  /** The due time that all have, `2026-11-19T16:00` in the class's time zone. */
  readonly dueMinute: string | null;
  /** How many criteria are judged for it. */
  readonly rubric: number;
  /** Whom its posts are meant for at most. */
  readonly audience: Audience;
  /** Those that are equally far stand together. */
  readonly groups: readonly {
    readonly state: PostRowShown['state'] | 'excused';
    readonly rows: readonly SetRowShown[];
  }[];
}
