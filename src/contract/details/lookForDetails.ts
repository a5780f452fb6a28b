import type { Audience } from '../../core/access/audience';
import { deed } from '../deed';
import type { DetailShown } from './detailShown';

/** What of an own post strangers should not know, where it is to be read beyond the class; before it is handed in. */
export const lookForDetails = deed({
  name: 'lookForDetails',
  on: 'post',
  action: 'post.write',
  looksOnly: true,
  outside: true,
}).answers<{
  /** Whom it may reach at most. */
  readonly reaches: Audience;
  readonly details: readonly Pick<DetailShown, 'kind' | 'where' | 'text'>[];
}>();
