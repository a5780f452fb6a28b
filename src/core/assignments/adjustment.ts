import { findRequirementKind } from '../requirements/registry';
import type { Requirement } from '../requirements/requirement';

/** What an assignment asks of one student otherwise than of the others, between them and their teachers. */
export interface Adjustment {
  /** Requirements that are not asked of them, by id. */
  readonly leftOut: readonly string[];
  /** Other limits, by the requirement's id and the setting that holds them; what is not named stays. */
  readonly limits: Readonly<Record<string, Readonly<Record<string, number>>>>;
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
      additionalProperties: limit,
      maxProperties: 10,
      propertyNames: { pattern: '^[a-zA-Z]{2,30}$' },
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
    .map((one) => (Object.hasOwn(limits, one.id) ? withLimits(one, limits[one.id]!) : one));
}

/** Only what its kind takes as a number is a limit; what it is worth is none. */
function withLimits(requirement: Requirement, limits: Readonly<Record<string, number>>): Requirement {
  const settings = findRequirementKind(requirement.kind)?.settings ?? {};
  const known = Object.entries(limits).filter(([setting]) => {
    const schema = settings[setting] as { readonly type?: string } | undefined;
    return schema?.type === 'integer' || schema?.type === 'number';
  });
  return { ...requirement, ...Object.fromEntries(known) };
}
