import { withWords } from '@/app/Words';

export default withWords([
  'set',
  'review.readers.closed',
  'railing',
  'refusals.assignment',
  'refusals.class',
  'refusals.post',
  'refusals.publish',
  'refusals.review',
]);
