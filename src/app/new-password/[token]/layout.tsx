import { withWords } from '@/app/Words';

export default withWords(['account', 'refusals.account']);
