import { idSchema } from './idSchema';

/** JSON Schema of the ids of some people of a class. */
export const personIds = {
  type: 'array',
  minItems: 1,
  maxItems: 5000,
  uniqueItems: true,
  items: idSchema,
} as const;
