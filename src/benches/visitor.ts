/** Somebody who asks the running application as a browser does, with cookies and an origin of its own. */
export class Visitor {
  private readonly cookies = new Map<string, string>();

  constructor(
    readonly origin: string,
    /** The network address that a proxy would tell. */
    private readonly address = '192.0.2.1',
  ) {}

  /** Asks for a page or a file; what it holds is not kept. */
  async get(path: string): Promise<Response> {
    return this.ask(path, {});
  }

  /** The text of a page or a file. @throws Error where it is not there */
  async read(path: string): Promise<string> {
    const response = await this.get(path);
    if (response.status !== 200) throw new Error(`${path}: ${response.status}`);
    return response.text();
  }

  /** Sends something to a door; the JSON of the answer, and its status. */
  async send(
    path: string,
    body: string | Uint8Array<ArrayBuffer>,
    {
      method = 'POST',
      type = typeof body === 'string' ? 'application/json' : 'application/octet-stream',
    } = {},
  ): Promise<{ readonly status: number; readonly json: unknown }> {
    const response = await this.ask(path, { method, body, headers: { 'content-type': type } });
    const text = await response.text();
    return { status: response.status, json: text.startsWith('{') ? (JSON.parse(text) as unknown) : text };
  }

  /** Performs a use case; its value. @throws Error where it is refused */
  async does<Value>(useCase: string, input: unknown): Promise<Value> {
    const { status, json } = await this.send(`/api/do/${useCase}`, JSON.stringify(input));
    const result = json as { readonly ok: boolean; readonly value: Value; readonly code?: string };
    if (!result.ok) throw new Error(`${useCase}: ${status} ${result.code ?? ''}`);
    return result.value;
  }

  async signInAdult(email: string, password: string): Promise<this> {
    return this.enter({ as: 'adult', email, password });
  }

  async signInStudent(code: string, name: string, passcode: string): Promise<this> {
    const { json } = await this.send('/api/names', JSON.stringify({ code }));
    const { names } = (json as { value: { names: readonly { who: string; name: string }[] } }).value;
    const who = names.find((one) => one.name.startsWith(name))?.who;
    return this.enter({ as: 'student', code, who, passcode, ownDevice: true });
  }

  private async enter(input: object): Promise<this> {
    const { status, json } = await this.send('/api/session', JSON.stringify(input));
    if (status !== 200) throw new Error(`nobody is let in: ${status} ${JSON.stringify(json)}`);
    return this;
  }

  private async ask(path: string, init: RequestInit): Promise<Response> {
    const headers = new Headers(init.headers);
    headers.set('origin', this.origin);
    headers.set('x-forwarded-for', this.address);
    headers.set('cookie', [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; '));
    const response = await fetch(this.origin + path, { ...init, headers, redirect: 'manual' });
    for (const cookie of response.headers.getSetCookie()) {
      const [name = '', value = ''] = cookie.split(';', 1)[0]?.split('=') ?? [];
      this.cookies.set(name, value);
    }
    return response;
  }
}
