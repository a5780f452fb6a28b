import { withWords } from '@/app/Words';

export default withWords([
  'assignments',
  'refusals.assignment',
  'refusals.class',
  'refusals.page',
  'refusals.post',
]);
