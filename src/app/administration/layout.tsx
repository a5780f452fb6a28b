import { withWords } from '@/app/Words';

export default withWords([
  'install',
  'lintel',
  'refusals.account',
  'refusals.class',
  'refusals.duty',
  'refusals.retention',
  'refusals.roster',
  'refusals.safety',
  'roster',
]);
