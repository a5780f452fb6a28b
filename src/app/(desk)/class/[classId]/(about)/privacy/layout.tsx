import { withWords } from '@/app/Words';

export default withWords([
  'classSettings',
  'passphrase',
  'privacy',
  'refusals.assignment',
  'refusals.class',
  'refusals.passphrase',
  'refusals.post',
  'refusals.publish',
]);
