import { withWords } from '@/app/Words';

export default withWords([
  'grade',
  'growing',
  'notes',
  'passphrase',
  'pile',
  'railing',
  'refusals.assignment',
  'refusals.notes',
  'refusals.passphrase',
  'refusals.post',
  'refusals.publish',
  'refusals.review',
  'requirements',
  'review',
  'revisions',
]);
