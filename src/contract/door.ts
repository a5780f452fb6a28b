import { inputOf, type Fields, type InputFrom } from './input';

/**
 * A way in that is no deed of somebody in a class: signing in, showing a passphrase, asking about an address. Browser and server say it to each
 * other here; what is asked and limited stands with what answers it, in `server`.
 */
export interface Door<Input, Output> {
  readonly path: `/api/${string}`;
  readonly method: 'POST' | 'PUT' | 'DELETE';
  /** Whether somebody who is not signed in may ask. */
  readonly by: 'anybody' | 'signedIn';
  /** JSON Schema of the input. */
  readonly input: object;
  /** Never there: what goes in and comes out, for the compiler. */
  readonly types?: { readonly input: Input; readonly output: Output };
}

interface Spec<Given extends Fields, Optional extends string> extends Pick<
  Door<unknown, unknown>,
  'path' | 'method' | 'by'
> {
  /** JSON Schemas of the fields; all of them are required unless `optional` names them. */
  readonly fields: Given;
  readonly optional?: readonly Optional[];
}

/** Declares a door whose input is made of fields. */
export function door<const Given extends Fields, const Optional extends keyof Given & string = never>({
  fields,
  optional = [],
  ...spec
}: Spec<Given, Optional>) {
  const input = inputOf(fields, optional);
  return { answers: <Output>(): Door<InputFrom<Given, Optional>, Output> => ({ ...spec, input }) };
}

/** Declares a door whose input has one of several forms; whoever says which answers for it. */
export function doorOf<Input>(spec: Omit<Door<unknown, unknown>, 'types'>) {
  return { answers: <Output>(): Door<Input, Output> => spec };
}
