import { inputOf, type Fields, type InputFrom } from './input';

/**
 * A door through which a file comes in: the body of the request is the file and nothing else, what it is for stands in the
 * query of the address.
 */
export interface FileDoor<Input, Output> {
  readonly path: `/api/${string}`;
  /** JSON Schema of the query. */
  readonly input: object;
  /** The most bytes that are taken. */
  readonly most: number;
  /** The group of refusals in the catalogue whose `tooLarge` is said of what is larger. */
  readonly refusals: 'picture' | 'handout' | 'file';
  /** Never there: what goes in and comes out, for the compiler. */
  readonly types?: { readonly input: Input; readonly output: Output };
}

interface Spec<Given extends Fields> extends Omit<FileDoor<unknown, unknown>, 'input' | 'types'> {
  /** JSON Schemas of what stands in the query: texts, all of them required. */
  readonly fields: Given;
}

/** Declares a door for files. */
export function fileDoor<const Given extends Fields>({ fields, ...spec }: Spec<Given>) {
  const input = inputOf(fields, []);
  return { answers: <Output>(): FileDoor<InputFrom<Given, never>, Output> => ({ ...spec, input }) };
}
