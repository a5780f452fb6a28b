import { withWords } from '@/app/Words';

export default withWords([
  'details',
  'grade',
  'growing',
  'noteBank',
  'notes',
  'passphrase',
  'pile',
  'railing',
  'refusals.assignment',
  'refusals.bank',
  'refusals.notes',
  'refusals.passphrase',
  'refusals.post',
  'refusals.publish',
  'refusals.review',
  'requirements',
  'review',
  'revisions',
]);
