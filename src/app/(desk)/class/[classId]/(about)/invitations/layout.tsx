import { withWords } from '@/app/Words';

export default withWords(['invitations', 'refusals.account', 'refusals.invitation', 'refusals.roster']);
