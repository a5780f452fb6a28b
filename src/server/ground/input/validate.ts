import { Ajv, type ErrorObject, type ValidateFunction } from 'ajv';
import formats, { type FormatsPlugin } from 'ajv-formats';

const ajv = new Ajv({ discriminator: true, allowUnionTypes: true, strictRequired: false });
// The package is CommonJS: what it exports stands under `default`, whatever the loader.
(formats as unknown as { readonly default: FormatsPlugin }).default(ajv);

type Validated<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly field: string; readonly problem: Problem };

/** What is wrong with a field: a key under `problems` in the message catalogue, and what would be right. */
export interface Problem {
  readonly key: string;
  readonly wanted: string;
}

/** A compiled check of one input; `T` is the type that its schema describes. */
export type Check<T> = (input: unknown) => Validated<T>;

/** Compiles a JSON Schema once; the check answers with the value or names the first field that is wrong. */
export function checkOf<T>(schema: object): Check<T> {
  let validate: ValidateFunction | null = null;
  return (input) => {
    validate ??= ajv.compile(schema);
    if (validate(input)) return { ok: true, value: input as T };
    const error = mostTelling(validate.errors ?? []);
    return { ok: false, field: fieldOf(error), problem: problemOf(error) };
  };
}

/** `anyOf` reports each of its branches; the deepest error is the one about what was meant. */
function mostTelling(errors: readonly ErrorObject[]): ErrorObject | undefined {
  return [...errors]
    .filter((error) => !['anyOf', 'oneOf'].includes(error.keyword))
    .sort((a, b) => Number(a.params['type'] === 'null') - Number(b.params['type'] === 'null'))[0];
}

function fieldOf(error: ErrorObject | undefined): string {
  const path = (error?.instancePath ?? '').split('/').filter(Boolean);
  const params: Readonly<Record<string, unknown>> = error?.params ?? {};
  const named = params['missingProperty'] ?? params['additionalProperty'] ?? params['tag'];
  return [...path, ...(typeof named === 'string' ? [named] : [])].join('.') || 'input';
}

const WANTED: Readonly<Record<string, (params: Record<string, unknown>) => string>> = {
  enum: (params) => (params['allowedValues'] as unknown[]).join(', '),
  const: (params) => String(params['allowedValue']),
  type: (params) => String(params['type']),
  format: (params) => String(params['format']),
  minimum: (params) => String(params['limit']),
  maximum: (params) => String(params['limit']),
  exclusiveMinimum: (params) => String(params['limit']),
  minLength: (params) => String(params['limit']),
  maxLength: (params) => String(params['limit']),
  minItems: (params) => String(params['limit']),
  maxItems: (params) => String(params['limit']),
};

function problemOf(error: ErrorObject | undefined): Problem {
  const key = error?.keyword ?? 'type';
  return { key, wanted: WANTED[key]?.(error?.params ?? {}) ?? '' };
}
