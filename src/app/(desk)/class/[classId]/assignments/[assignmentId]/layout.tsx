import { withWords } from '@/app/Words';

export default withWords([
  'ask',
  'builder',
  'editor',
  'peer.beside',
  'pictures',
  'railing',
  'refusals.assignment',
  'refusals.class',
  'refusals.file',
  'refusals.handout',
  'refusals.links',
  'refusals.peer',
  'refusals.picture',
  'refusals.post',
  'refusals.question',
  'refusals.source',
  'requirements',
]);
