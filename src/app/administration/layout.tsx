import { withWords } from '@/app/Words';

export default withWords([
  'install',
  'refusals.account',
  'refusals.class',
  'refusals.retention',
  'refusals.roster',
  'refusals.safety',
  'roster',
]);
