import { HOUSE_LANGUAGES, type HouseLanguage } from '../../core/languages/languages';
import { doorOf } from '../door';

/** The language that somebody wants to be spoken to; null for the one of their class. */
export const chooseLanguage = doorOf<{ readonly language: HouseLanguage | null }>({
  path: '/api/language',
  method: 'PUT',
  by: 'signedIn',
  input: {
    type: 'object',
    additionalProperties: false,
    required: ['language'],
    properties: { language: { enum: [...Object.keys(HOUSE_LANGUAGES), null] } },
  },
}).answers<null>();
