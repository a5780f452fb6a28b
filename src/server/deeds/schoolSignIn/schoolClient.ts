import { allowInsecureRequests, discovery, type Configuration } from 'openid-client';
import { getSettings } from '../../ground/settings/settings';

let client: Promise<Configuration> | null = null;

/** Whether the install knows a sign-in of the school. */
export function hasSchoolSignIn(): boolean {
  return getSettings().school !== null;
}

/** Our side of the school's sign-in, found out once (OpenID Connect Discovery 1.0). @throws where it cannot be reached */
export function schoolClient(): Promise<Configuration> {
  client ??= discover().catch((error: unknown) => {
    // It may be back at the next try.
    client = null;
    throw error;
  });
  return client;
}

async function discover(): Promise<Configuration> {
  const { school } = getSettings();
  if (!school) throw new Error('no sign-in of the school is set');
  const issuer = new URL(school.issuer);
  // Without encryption only on this very machine, where demo and tests have theirs.
  const insecure = issuer.protocol === 'http:' && issuer.hostname === '127.0.0.1';
  return discovery(issuer, school.client, school.secret, undefined, {
    timeout: 10,
    // eslint-disable-next-line @typescript-eslint/no-deprecated -- marked so to stand out; it never leaves this machine
    ...(insecure ? { execute: [allowInsecureRequests] } : {}),
  });
}
