import { withWords } from '@/app/Words';

export default withWords([
  'account',
  'invitations',
  'refusals.account',
  'refusals.invitation',
  'refusals.school',
  'refusals.signIn',
]);
