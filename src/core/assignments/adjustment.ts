import type { Requirement } from '../requirements/requirement';

/** What an assignment asks of one student otherwise than of the others, between them and their teachers. */
export interface Adjustment {
  /** Requirements that are not asked of them, by id. */
  readonly leftOut: readonly string[];
  /** Other limits, by the requirement's id; what is not named stays. */
  readonly limits: Readonly<Record<string, { readonly min?: number; readonly max?: number }>>;
}

const limit = { type: 'integer', minimum: 0, maximum: 100_000 } as const;

/** JSON Schemas of an adjustment's fields. */
export const adjustmentFields = {
  leftOut: { type: 'array', maxItems: 40, items: { type: 'string', maxLength: 60 } },
  limits: {
    type: 'object',
    maxProperties: 40,
    additionalProperties: {
      type: 'object',
      additionalProperties: false,
      properties: { min: limit, max: limit },
    },
  },
} as const;

/** The requirements as they are for a student: those left out are gone, others have their limits. */
export function adjusted(
  requirements: readonly Requirement[],
  { leftOut, limits }: Adjustment,
): readonly Requirement[] {
  return requirements
    .filter((one) => !leftOut.includes(one.id))
    .map((one) => (Object.hasOwn(limits, one.id) ? { ...one, ...limits[one.id] } : one));
}
