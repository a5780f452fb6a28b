import { generateKeyPairSync, randomBytes } from 'node:crypto';
import { createServer } from 'node:http';
import { closed, listening } from './listening';

export interface SchoolSignIn {
  readonly issuer: string;
  readonly client: string;
  readonly secret: string;
  stop(): Promise<void>;
}

/**
 * A sign-in as a school has it (OpenID Connect): whoever types an e-mail address there is taken for its owner, whatever
 * the password. For demo and tests alone.
 * @param port where it is
 * @param returnTo the address that it sends people back to
 */
export async function startSchoolSignIn(port: number, returnTo: string): Promise<SchoolSignIn> {
  const issuer = `http://127.0.0.1:${port}`;
  const [client, secret] = ['green-porch', randomBytes(24).toString('hex')];
  const key = generateKeyPairSync('rsa', { modulusLength: 2048 }).privateKey.export({ format: 'jwk' });
  const Provider = await quietly(async () => (await import('oidc-provider')).default);
  const provider = await quietly(() =>
    Promise.resolve(
      new Provider(issuer, {
        clients: [{ client_id: client, client_secret: secret, redirect_uris: [returnTo] }],
        jwks: { keys: [{ ...key, alg: 'RS256', use: 'sig', kid: 'school' }] },
        cookies: { keys: [randomBytes(24).toString('hex')] },
        claims: { openid: ['sub'], email: ['email', 'email_verified'] },
        scopes: ['openid', 'email', 'profile'],
        pkce: { required: () => true },
        findAccount: (_, subject) => ({
          accountId: subject,
          claims: () => ({ sub: subject, email: subject, email_verified: true }),
        }),
      }),
    ),
  );
  const server = createServer((request, response) => void provider.callback()(request, response));
  await listening(server, port);
  return {
    issuer,
    client,
    secret,
    stop: () => closed(server),
  };
}

/** The package warns real schools of settings that are right here: a stand-in forgets everybody when it stops. */
async function quietly<Value>(work: () => Promise<Value>): Promise<Value> {
  const { warn } = console;
  console.warn = () => undefined;
  try {
    return await work();
  } finally {
    console.warn = warn;
  }
}
