import { withWords } from '@/app/Words';

export default withWords([
  'blog',
  'refusals.assignment',
  'refusals.comment',
  'awayWords',
  'refusals.worry',
  'worry',
  'refusals.passphrase',
  'refusals.post',
  'refusals.publish',
]);
