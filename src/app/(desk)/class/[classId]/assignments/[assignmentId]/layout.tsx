import { withWords } from '@/app/Words';

export default withWords([
  'ask',
  'builder',
  'editor',
  'pictures',
  'railing',
  'refusals.assignment',
  'refusals.class',
  'refusals.file',
  'refusals.handout',
  'refusals.links',
  'refusals.picture',
  'refusals.post',
  'refusals.question',
  'refusals.source',
  'requirements',
]);
