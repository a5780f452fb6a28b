import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';

/** What a test may do to the house while somebody writes in it. */
export interface House {
  /** Ends the application in the middle of whatever it does. */
  readonly killApplication: () => Promise<void>;
  readonly startApplication: () => Promise<void>;
  readonly stopDatabase: () => Promise<void>;
  /** Ends the database in the middle of whatever it does. */
  readonly killDatabase: () => Promise<void>;
  readonly startDatabase: () => Promise<void>;
}

/** Lets the tests, which run in processes of their own, do these things to a house of this process. */
export async function openControl(
  house: House,
): Promise<{ readonly address: string; readonly close: () => Promise<void> }> {
  const server = createServer((request, response) => {
    const deed = house[(request.url ?? '/').slice(1) as keyof House];
    void deed()
      .then(() => response.end())
      .catch((problem: unknown) => response.writeHead(500).end(String(problem)));
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return {
    address: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    close: () => new Promise((resolve) => server.close(() => resolve())),
  };
}

/** Does something to the house. */
export async function toHouse(deed: keyof House): Promise<void> {
  const response = await fetch(`${process.env['PORCH_TEST_HOUSE'] ?? ''}/${deed}`, { method: 'POST' });
  if (!response.ok) throw new Error(await response.text());
}
