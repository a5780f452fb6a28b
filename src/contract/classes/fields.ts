/** JSON Schemas of a class's names. */
export const nameFields = {
  title: { type: 'string', minLength: 1, maxLength: 120 },
  groupName: { type: 'string', maxLength: 40 },
  subtitle: { type: 'string', maxLength: 200 },
  schoolName: { type: 'string', maxLength: 120 },
} as const;

/** JSON Schemas of where and in which language a class is. */
export const placeFields = {
  timeZone: { type: 'string', minLength: 1, maxLength: 60 },
  language: { type: 'string', minLength: 2, maxLength: 20 },
} as const;
