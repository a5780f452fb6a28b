import { withWords } from '@/app/Words';

export default withWords([
  'blog',
  'refusals.assignment',
  'refusals.comment',
  'refusals.concern',
  'refusals.passphrase',
  'refusals.post',
  'refusals.publish',
]);
