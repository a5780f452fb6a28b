import { commentRulesFields } from '../../core/comments/rules';
import { deed } from '../deed';

/** Says which comments under the posts of a class wait until somebody has read them; what is not named stays. */
export const changeCommentRules = deed({
  name: 'changeCommentRules',
  on: 'class',
  action: 'class.change',
  fields: commentRulesFields,
  optional: ['holdsAll', 'maxLinks', 'words'],
}).answers<object>();
