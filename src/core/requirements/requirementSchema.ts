import type { RequirementKind } from './kind';
import { REQUIREMENT_KINDS } from './registry';

/** Their settings are named here, never used. */
const KINDS: readonly RequirementKind<never>[] = REQUIREMENT_KINDS;

const common = {
  id: { type: 'string', minLength: 1, maxLength: 60 },
  weight: { enum: ['required', 'bonus', 'advice'] },
  points: { type: 'number', minimum: 0, maximum: 10_000 },
  partial: { type: 'boolean' },
  text: { type: 'string', maxLength: 500 },
};

/** JSON Schema of one requirement: the common fields and, by its kind, the kind's own settings and nothing else. */
export const requirementSchema = {
  type: 'object',
  required: ['id', 'kind', 'weight'],
  discriminator: { propertyName: 'kind' },
  oneOf: KINDS.map((kind) => ({
    properties: { ...common, kind: { const: kind.kind }, ...kind.settings },
    required: ['id', 'kind', 'weight', ...(kind.required ?? [])],
    additionalProperties: false,
  })),
} as const;

/** JSON Schema of an assignment as far as its requirements need it; `requirements` is the only list that must stand there. */
export const assignmentSchema = {
  type: 'object',
  required: ['requirements'],
  properties: {
    number: { type: 'integer', minimum: 0 },
    title: { type: 'string' },
    date: { type: ['string', 'null'], format: 'date' },
    week: { type: ['integer', 'null'], minimum: 0 },
    language: { type: 'string', minLength: 2 },
    timeZone: { type: 'string' },
    classLabels: { type: 'array', items: { type: 'string' } },
    starters: { type: 'array', items: { type: 'string' } },
    outline: { type: 'array', items: { type: 'string' } },
    requirements: { type: 'array', items: requirementSchema, maxItems: 60 },
  },
} as const;
