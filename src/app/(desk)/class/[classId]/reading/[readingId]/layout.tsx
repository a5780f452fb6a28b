import { withWords } from '@/app/Words';

export default withWords([
  'notes',
  'peer.railing',
  'peer.text',
  'railing',
  'refusals.assignment',
  'refusals.peer',
  'refusals.worry',
  'worry',
]);
