import { withWords } from '@/app/Words';

export default withWords(['board', 'builder.number', 'growing', 'requirements']);
