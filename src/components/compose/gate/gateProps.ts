import type { Audience } from '../../../core/access/audience';
import type { Answer, Place, RequirementAnswer } from '../../../core/requirements/answer';
import type { StepShown } from '../../assignment/Steps';
import type { PlaceShown } from '../../editor/atPlace';
import type { ComposeProps, DueShown } from '../composeProps';

/** What the raised gate is given. */
export interface GateTrayProps {
  readonly assignment: ComposeProps['assignment'];
  readonly answer: Answer;
  /** What is missing and counts today. */
  readonly missing: readonly RequirementAnswer[];
  readonly readers: ComposeProps['readers'];
  readonly writer: ComposeProps['writer'];
  readonly teachers: ComposeProps['teachers'];
  readonly typing: ComposeProps['typing'];
  readonly due: DueShown;
  /** What a growing post is to reach; none for one that is written once. */
  readonly steps: readonly StepShown[];
  readonly handIns: number;
  /** Where the post stands on the class blog. */
  readonly place: ComposeProps['place'] & { readonly postId: string; readonly title: string };
  /** What stands at a place of the text. */
  readonly shownAt: (place: Place) => PlaceShown;
  readonly busy: boolean;
  readonly onHandIn: () => void;
  readonly onAudience: (audience: Audience) => void;
  readonly onLower: () => void;
  readonly onOpenBay: (requirementId: string) => void;
}
