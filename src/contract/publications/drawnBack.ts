import type { Audience } from '../../core/access/audience';
import type { InPicturesShown } from './inPicturesShown';
import type { ReadersNow } from '../../core/privacy/readersNow';

/** A post that fewer people read now than before. */
export interface DrawnBack {
  readonly postId: string;
  readonly writerId: string;
  /** As the class knows its writer. */
  readonly writer: string;
  /** As readers see it. */
  readonly title: string;
  readonly from: Audience;
  readonly to: Audience;
}

/** A post that was drawn back, and how far it could be opened again now: `to` is whom it reaches then, `heldBack` what keeps it from the rest. */
export interface OpenableAgain extends Omit<DrawnBack, 'to'>, ReadersNow {
  readonly inPictures: InPicturesShown;
  /** Whether that is further than it goes now. */
  readonly further: boolean;
}
