import { withWords } from '@/app/Words';

export default withWords([
  'gradebook',
  'term',
  'grade',
  'railing',
  'requirements',
  'refusals.assignment',
  'refusals.class',
  'refusals.gradebook',
  'refusals.post',
  'refusals.publish',
  'refusals.review',
]);
