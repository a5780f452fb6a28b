import { withWords } from '@/app/Words';

export default withWords(['worry', 'refusals.worry']);
