import { withWords } from '@/app/Words';

export default withWords(['ownLine', 'refusals.gradebook']);
