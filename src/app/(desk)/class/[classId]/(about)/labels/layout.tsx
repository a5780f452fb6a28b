import { withWords } from '@/app/Words';

export default withWords(['classSettings', 'labels', 'refusals.class', 'refusals.labels']);
