import type { FromSchema, JSONSchema } from 'json-schema-to-ts';

declare const VALUE: unique symbol;

/** A JSON Schema whose values the compiler knows by a name of ours, where it could not derive so much from the schema. */
export interface SchemaOf<Value> {
  readonly [VALUE]: Value;
}

/** Says what the values of a schema are. Whoever says it answers for it. */
export function schemaOf<Value>(schema: object): SchemaOf<Value> {
  return schema as unknown as SchemaOf<Value>;
}

/** JSON Schemas of the fields of an input. */
export type Fields = Readonly<Record<string, object>>;

type ValueOf<Schema> =
  Schema extends SchemaOf<infer Value>
    ? Value
    : Schema extends Exclude<JSONSchema, boolean>
      ? Frozen<FromSchema<Schema>>
      : never;

type Frozen<Value> = Value extends readonly (infer Part)[]
  ? readonly Frozen<Part>[]
  : Value extends object
    ? { readonly [Key in keyof Value]: Frozen<Value[Key]> }
    : Value;

/** What the fields of an input are for the compiler. */
export type InputFrom<Given extends Fields, Optional extends string> = {
  readonly [Key in Exclude<keyof Given, Optional>]: ValueOf<Given[Key]>;
} & { readonly [Key in keyof Given & Optional]?: ValueOf<Given[Key]> };

/** The JSON Schema of an input that is made of fields, and of nothing else. */
export function inputOf(fields: Fields, optional: readonly string[]): object {
  return {
    type: 'object',
    required: Object.keys(fields).filter((key) => !optional.includes(key)),
    additionalProperties: false,
    properties: fields,
  };
}

/** What is declared with types that the compiler alone knows: a deed, or a door. */
interface Declared {
  readonly types?: { readonly input: unknown; readonly output: unknown };
}

/** What goes into a deed or a door. */
export type InputOf<D extends Declared> = NonNullable<D['types']>['input'];

/** What comes out of it. */
export type OutputOf<D extends Declared> = NonNullable<D['types']>['output'];
