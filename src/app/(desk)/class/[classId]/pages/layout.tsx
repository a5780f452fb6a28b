import { withWords } from '@/app/Words';

export default withWords([
  'pages',
  'refusals.assignment',
  'refusals.class',
  'refusals.page',
  'refusals.post',
]);
