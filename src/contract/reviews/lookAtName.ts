import { deed } from '../deed';

/** Why somebody looks whose a post is although names are hidden. */
export const NAME_REASONS = ['worry', 'parents', 'other'] as const;

/** Looks whose a post is while names are hidden; from then on it is shown to who looked, and that they did is in the log. */
export const lookAtName = deed({
  name: 'lookAtName',
  on: 'post',
  action: 'post.review',
  fields: { reason: { enum: NAME_REASONS } },
}).answers<null>();
