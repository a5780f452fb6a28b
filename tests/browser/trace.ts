import WebSocket from 'ws';
import type { TraceEvent } from '../../src/benches/keyCosts';
import type { Person } from './person';

const CATEGORIES = ['toplevel', 'devtools.timeline', 'disabled-by-default-devtools.timeline'];

interface Answer {
  readonly id?: number;
  readonly method?: string;
  readonly params?: { readonly value?: readonly TraceEvent[] };
}

/** What Chromium notes of all its processes while something is done. WebDriver has no way to ask for it, so its debugger is. */
export async function traced(person: Person, work: () => Promise<void>): Promise<readonly TraceEvent[]> {
  const options = (await person.driver.getCapabilities()).get('goog:chromeOptions') as {
    readonly debuggerAddress: string;
  };
  const version = await fetch(`http://${options.debuggerAddress}/json/version`);
  const { webSocketDebuggerUrl } = (await version.json()) as { readonly webSocketDebuggerUrl: string };
  const socket = new WebSocket(webSocketDebuggerUrl, { maxPayload: 0 });
  const events: TraceEvent[] = [];
  const answered = (wanted: (answer: Answer) => boolean) =>
    new Promise<void>((resolve) => {
      socket.on('message', (data: Buffer) => {
        if (wanted(JSON.parse(data.toString()) as Answer)) resolve();
      });
    });
  const ask = async (id: number, method: string, params: object = {}) => {
    const answer = answered((one) => one.id === id);
    socket.send(JSON.stringify({ id, method, params }));
    await answer;
  };
  await new Promise((resolve, reject) => socket.once('open', resolve).once('error', reject));
  try {
    const complete = answered(({ method, params }) => {
      if (method === 'Tracing.dataCollected') events.push(...(params?.value ?? []));
      return method === 'Tracing.tracingComplete';
    });
    const traceConfig = { recordMode: 'recordAsMuchAsPossible', includedCategories: CATEGORIES };
    await ask(1, 'Tracing.start', { transferMode: 'ReportEvents', traceConfig });
    await work();
    await ask(2, 'Tracing.end');
    await complete;
  } finally {
    socket.close();
  }
  return events;
}
