import path from 'node:path';
import { startBound, stop } from './childProcess';
import { Failure } from './failure';

export interface RunningApplication {
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
}

/** Starts the built application on 127.0.0.1 and waits until it answers. */
export async function startApplication(settings: ApplicationSettings): Promise<RunningApplication> {
  const origin = `http://127.0.0.1:${settings.port}`;
  const next = path.join(settings.root, 'node_modules/next/dist/bin/next');
  const server = startBound(
    process.execPath,
    [next, 'start', '-H', '127.0.0.1', '-p', String(settings.port)],
    {
      cwd: settings.root,
      stdio: ['ignore', 'pipe', 'inherit'],
      env: {
        ...process.env,
        NODE_ENV: 'production',
        NEXT_TELEMETRY_DISABLED: '1',
        PORCH_BUILD: settings.build,
        PORCH_ORIGIN: origin,
        PORCH_PICTURES: settings.pictures,
        PORCH_LOG: settings.log ?? 'warn',
        DATABASE_URL: settings.databaseUrl,
      },
    },
  );
  let printed = '';
  server.stdout?.on('data', (chunk: Buffer) => (printed = (printed + chunk.toString()).slice(-2000)));
  const state = { gone: false };
  const ended = new Promise<void>((resolve) => server.once('exit', () => resolve()));
  void ended.then(() => (state.gone = true));
  for (let tries = 0; tries < 600 && !state.gone; tries += 1) {
    if (await answers(origin))
      return {
        origin,
        ended,
        stop: () => stop(server),
        kill: () => {
          server.kill('SIGKILL');
          return ended;
        },
      };
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  await stop(server);
  throw new Failure(`The application did not start: ${printed.trim().split('\n').at(-1) ?? ''}`);
}

async function answers(origin: string): Promise<boolean> {
  try {
    return (await fetch(`${origin}/api/alive`, { signal: AbortSignal.timeout(2000) })).ok;
  } catch {
    // Nobody listens yet.
    return false;
  }
}
