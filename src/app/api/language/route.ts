import { chooseLanguage } from '@/server/deeds/sessions/chooseLanguage';
import { doorRoute } from '@/server/http/doorRoute';

/** The language of whoever asks. */
export const PUT = doorRoute(chooseLanguage);
