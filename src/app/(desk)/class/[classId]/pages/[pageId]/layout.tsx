import { withWords } from '@/app/Words';

export default withWords([
  'editor',
  'pages',
  'pictures',
  'railing',
  'refusals.file',
  'refusals.handout',
  'refusals.links',
  'refusals.page',
  'refusals.picture',
]);
