import { deed } from '../deed';

/** Leaves an opening that was planned for a time. */
export const dropOpening = deed({ name: 'dropOpening', on: 'post', action: 'post.review' }).answers<null>();
