import { withWords } from '@/app/Words';

export default withWords(['concerns', 'refusals.concern', 'refusals.safety', 'safety']);
