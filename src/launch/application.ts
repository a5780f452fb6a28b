import { randomBytes } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { startBound, stop } from './childProcess';
import { Failure } from './failure';

export interface RunningApplication {
  /** Where it answers on this machine. */
  readonly origin: string;
  readonly ended: Promise<void>;
  stop(): Promise<void>;
  /** Ends it in the middle of whatever it does, as a machine does that goes down. */
  kill(): Promise<void>;
}

export interface ApplicationSettings {
  readonly root: string;
  /** The build's folder, such as `.next`. */
  readonly build: string;
  readonly port: number;
  readonly databaseUrl: string;
  readonly pictures: string;
  readonly log?: string;
  /** Where its log is appended; it is not kept where this is absent. */
  readonly logFile?: string;
  /** The origin under which people reach it, where that is another than on this machine. */
  readonly publicOrigin?: string;
}

/** How long a start may take, in milliseconds. */
const PATIENCE = 60_000;

/** Starts the built application on 127.0.0.1 and waits until it says itself that it listens. */
export async function startApplication(settings: ApplicationSettings): Promise<RunningApplication> {
  const origin = `http://127.0.0.1:${settings.port}`;
  const instance = randomBytes(8).toString('hex');
  const server = startBound(process.execPath, ['--import', 'tsx', 'src/serving/serve.ts'], {
    cwd: settings.root,
    stdio: ['ignore', 'pipe', 'pipe'],
    env: {
      ...process.env,
      NODE_ENV: 'production',
      NEXT_TELEMETRY_DISABLED: '1',
      PORT: String(settings.port),
      PORCH_INSTANCE: instance,
      PORCH_BUILD: settings.build,
      PORCH_ORIGIN: settings.publicOrigin ?? origin,
      PORCH_PICTURES: settings.pictures,
      PORCH_LOG: settings.log ?? 'warn',
      DATABASE_URL: settings.databaseUrl,
    },
  });
  const log = settings.logFile ? createWriteStream(settings.logFile, { flags: 'a', mode: 0o600 }) : null;
  // A disk that is full ends the log, never the application.
  log?.on('error', () => undefined);
  let printed = '';
  for (const stream of [server.stdout, server.stderr])
    stream?.on('data', (chunk: Buffer) => {
      printed = (printed + chunk.toString()).slice(-2000);
      log?.write(chunk);
    });
  const state = { gone: false };
  const ended = new Promise<void>((resolve) => server.once('exit', () => resolve()));
  void ended.then(() => {
    state.gone = true;
    log?.end();
  });
  for (const until = Date.now() + PATIENCE; Date.now() < until && !state.gone;) {
    if (printed.includes(`listening ${instance}`))
      return {
        origin,
        ended,
        stop: () => stop(server),
        kill: () => {
          server.kill('SIGKILL');
          return ended;
        },
      };
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  await stop(server);
  throw new Failure(`The application did not start: ${printed.trim().split('\n').at(-1) ?? ''}`);
}
