import { withWords } from '@/app/Words';

export default withWords(['refusals.account', 'refusals.school', 'refusals.signIn', 'signIn']);
