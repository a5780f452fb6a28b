import { withWords } from '@/app/Words';

export default withWords(['refusals.post', 'origin']);
