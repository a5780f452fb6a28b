import { withWords } from '@/app/Words';

export default withWords(['lintel', 'refusals.worry', 'worries', 'worry']);
