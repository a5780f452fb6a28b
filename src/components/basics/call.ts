/** What came of asking the server: the value, or an expected refusal whose words are in the message catalogue. */
export type Outcome<Value> =
  | { readonly ok: true; readonly value: Value }
  | {
      readonly ok: false;
      readonly code: string;
      readonly field?: string;
      readonly values?: Readonly<Record<string, string | number>>;
    };

/** Asks the server to perform a use case. Not reaching it is an outcome too, with the code `offline`. */
export function call<Value>(useCase: string, input: unknown): Promise<Outcome<Value>> {
  return send<Value>(`/api/do/${useCase}`, 'POST', JSON.stringify(input));
}

/** Sends a body to one of our own addresses and reads the outcome. */
export async function send<Value>(address: string, method: string, body?: BodyInit): Promise<Outcome<Value>> {
  try {
    const response = await fetch(address, {
      method,
      ...(body === undefined ? {} : { body }),
      ...(typeof body === 'string' ? { headers: { 'content-type': 'application/json' } } : {}),
    });
    return (await response.json()) as Outcome<Value>;
  } catch (error) {
    // fetch and a body that breaks off throw these; anything else is a mistake of ours.
    if (error instanceof TypeError || error instanceof SyntaxError || error instanceof DOMException)
      return { ok: false, code: 'offline' };
    throw error;
  }
}
