import { inputOf, type Fields, type InputFrom } from './input';

/**
 * What somebody does by a form on a page that readers have, signed in or not, and that is no deed of somebody in a class. What is
 * asked and limited stands with what answers it, in `server`.
 */
export interface PlainForm<Input> {
  /** JSON Schema of the input. */
  readonly input: object;
  /** Never there: what goes in, for the compiler. */
  readonly types?: { readonly input: Input; readonly output: unknown };
}

/** Declares what a form asks, by its fields; all of them are required unless `optional` names them. */
export function formOf<const Given extends Fields, const Optional extends keyof Given & string = never>({
  fields,
  optional = [],
}: {
  readonly fields: Given;
  readonly optional?: readonly Optional[];
}): PlainForm<InputFrom<Given, Optional>> {
  return { input: inputOf(fields, optional) };
}

/** What the fields of a form may be, as their schemas say it. */
interface FieldSchema {
  readonly type?: string;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly FieldSchema[];
}

/**
 * The input of a deed or a door from a form that was posted, in which everything is text: whole numbers become numbers; an empty
 * field is null where null is one of its values, and left out where it may be missing. What else is wrong with it the schema says.
 * @param input the schema of the input, as `inputOf` makes it
 * @param posted the fields of the form; others than those of the schema are passed over
 */
export function inputFromForm(
  input: object,
  posted: Readonly<Record<string, string>>,
): Readonly<Record<string, unknown>> {
  const { properties, required } = input as {
    readonly properties: Readonly<Record<string, FieldSchema>>;
    readonly required: readonly string[];
  };
  const entries = Object.entries(properties).flatMap(([name, schema]): [string, unknown][] => {
    const text = Object.hasOwn(posted, name) ? posted[name] : undefined;
    if (text === undefined) return [];
    if (text === '' && mayBeNull(schema)) return [[name, null]];
    if (text === '' && !required.includes(name)) return [];
    return [[name, schema.type === 'integer' && /^\d{1,9}$/.test(text) ? Number(text) : text]];
  });
  return Object.fromEntries(entries);
}

function mayBeNull({ type, enum: values, anyOf }: FieldSchema): boolean {
  return type === 'null' || (values?.includes(null) ?? false) || (anyOf?.some(mayBeNull) ?? false);
}
