import { withWords } from '@/app/Words';

export default withWords([
  'assignments',
  'editor',
  'gate',
  'grade',
  'growing',
  'notes',
  'pictures',
  'railing',
  'refusals.file',
  'refusals.links',
  'refusals.notes',
  'refusals.picture',
  'refusals.post',
  'refusals.review',
  'refusals.signIn',
  'requirements',
  'revisions',
  'signIn',
]);
