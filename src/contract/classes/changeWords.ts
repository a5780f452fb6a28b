import { deed } from '../deed';

/** Says which spellings a class allows beside the dictionary: names, and words of what it works on. */
export const changeWords = deed({
  name: 'changeWords',
  on: 'class',
  action: 'class.change',
  fields: {
    words: { type: 'array', maxItems: 1000, items: { type: 'string', minLength: 1, maxLength: 80 } },
  },
}).answers<null>();
