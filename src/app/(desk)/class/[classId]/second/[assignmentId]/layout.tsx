import { withWords } from '@/app/Words';

export default withWords([
  'second',
  'refusals.assignment',
  'refusals.class',
  'refusals.post',
  'refusals.review',
]);
