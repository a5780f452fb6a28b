import { withWords } from '@/app/Words';

export default withWords(['classSettings', 'passphrase', 'privacy', 'refusals.class', 'refusals.passphrase']);
