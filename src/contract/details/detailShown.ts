import type { DetailWhere } from '../../core/personal/detailsInPost';
import type { DetailKind } from '../../core/personal/found';

/** A personal detail in a post, as a teacher sees it. */
export interface DetailShown {
  readonly key: string;
  readonly kind: DetailKind;
  readonly where: DetailWhere;
  readonly text: string;
  /** Its place within what it stands in, UTF-16 units. */
  readonly from: number;
  readonly to: number;
  /** Other words that may be suggested for it; empty to take it out. */
  readonly mending: string;
  /** Why it is meant to be there, and who said so; null while nobody has. */
  readonly meant: { readonly reason: string; readonly by: string } | null;
}
