import { withWords } from '@/app/Words';

export default withWords(['railing', 'receipt', 'refusals.post', 'requirements']);
