import type { Server } from 'node:http';
import type { Server as NetServer } from 'node:net';

/** Opens a server on 127.0.0.1 and gives its port; 0 asks for any free one. */
export async function listening(server: Server, port = 0): Promise<number> {
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, '127.0.0.1', resolve);
  });
  return portOf(server);
}

export function portOf(server: Pick<NetServer, 'address'>): number {
  const address = server.address();
  return typeof address === 'object' && address ? address.port : 0;
}

/** Closes a server, with the connections that browsers hold open. */
export function closed(server: Server): Promise<void> {
  server.closeAllConnections();
  return new Promise((resolve) => server.close(() => resolve()));
}
