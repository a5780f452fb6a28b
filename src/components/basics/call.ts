import type { Deed } from '../../contract/deed';
import type { Door } from '../../contract/door';

/** What came of asking the server: the value, or an expected refusal whose words are in the message catalogue. */
export type Outcome<Value> = { readonly ok: true; readonly value: Value } | Refused;

export interface Refused {
  readonly ok: false;
  readonly code: string;
  /** What of the input it is about. */
  readonly field?: string;
  readonly values?: Readonly<Record<string, string | number>>;
}

/** A value as it arrives: moments are sent as text. */
export type Sent<Value> = Value extends Date
  ? string
  : Value extends readonly (infer Part)[]
    ? readonly Sent<Part>[]
    : Value extends object
      ? { readonly [Key in keyof Value]: Sent<Value[Key]> }
      : Value;

/** Asks the server to do a deed. Not reaching it is an outcome too, with the code `offline`. */
export function call<Input, Output>(
  { name }: Deed<Input, Output>,
  input: NoInfer<Input>,
): Promise<Outcome<Sent<Output>>> {
  return send(`/api/do/${name}`, 'POST', JSON.stringify(input));
}

/** `call` for long work: `onProgress` is told how many of how many are done. */
export async function callWithProgress<Input, Output>(
  { name }: Deed<Input, Output>,
  input: NoInfer<Input>,
  onProgress: (done: number, of: number) => void,
): Promise<Outcome<Sent<Output>>> {
  type Value = Sent<Output>;
  try {
    const response = await fetch(`/api/do/${name}`, {
      method: 'POST',
      body: JSON.stringify(input),
      headers: { 'content-type': 'application/json', accept: 'application/x-ndjson' },
    });
    let rest = '';
    let outcome: Outcome<Value> = OFFLINE;
    const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
    for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
      const lines = (rest + part.value).split('\n');
      rest = lines.pop() ?? '';
      for (const line of lines) {
        const said = JSON.parse(line) as Outcome<Value> | { progress: { done: number; of: number } };
        if ('progress' in said) onProgress(said.progress.done, said.progress.of);
        else outcome = said;
      }
    }
    return outcome;
  } catch (error) {
    if (isBrokenLine(error)) return OFFLINE;
    throw error;
  }
}

/** Asks at a door. Not reaching it is an outcome too, as with `call`. */
export function ask<Input, Output>(
  { path, method }: Door<Input, Output>,
  input: NoInfer<Input>,
): Promise<Outcome<Sent<Output>>> {
  return send(path, method, JSON.stringify(input));
}

/** Sends a body to one of our own addresses and reads the outcome. */
export async function send<Value>(address: string, method: string, body?: BodyInit): Promise<Outcome<Value>> {
  try {
    const response = await asked(address, {
      method,
      ...(body === undefined ? {} : { body }),
      ...(typeof body === 'string' ? { headers: { 'content-type': 'application/json' } } : {}),
    });
    return (await response.json()) as Outcome<Value>;
  } catch (error) {
    if (isBrokenLine(error)) return OFFLINE;
    throw error;
  }
}

/** How soon a request fails that met a connection which the other side was just closing, in milliseconds. */
const AT_ONCE = 150;

/**
 * Asks, and once more where the connection broke off at once: it had been kept open since the last request, and the other side
 * closed it in that moment. Nothing had been read of the request then.
 */
async function asked(address: string, request: RequestInit): Promise<Response> {
  const began = performance.now();
  try {
    return await fetch(address, request);
  } catch (error) {
    if (!(error instanceof TypeError) || performance.now() - began > AT_ONCE) throw error;
    return fetch(address, request);
  }
}

const OFFLINE = { ok: false, code: 'offline' } as const;

/** fetch and a body that breaks off throw these; anything else is a mistake of ours. */
function isBrokenLine(error: unknown): boolean {
  return error instanceof TypeError || error instanceof SyntaxError || error instanceof DOMException;
}
