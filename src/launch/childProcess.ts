import { spawn, type ChildProcess, type SpawnOptions } from 'node:child_process';

export interface Finished {
  readonly status: number;
  readonly output: string;
}

/** Runs a program to its end and gathers what it prints. */
export function run(program: string, args: readonly string[], options: SpawnOptions = {}): Promise<Finished> {
  return new Promise((resolve, reject) => {
    const child = spawn(program, args, { ...options, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    child.stdout.on('data', (chunk: Buffer) => (output += chunk.toString()));
    child.stderr.on('data', (chunk: Buffer) => (output += chunk.toString()));
    child.on('error', reject);
    child.on('close', (status) => resolve({ status: status ?? 1, output }));
  });
}

/** Starts a program that the kernel ends with us, however we end. */
export function startBound(program: string, args: readonly string[], options: SpawnOptions): ChildProcess {
  return spawn('setpriv', ['--pdeathsig', 'TERM', program, ...args], options);
}

/** Asks a child to stop, waits, and makes it stop where it does not. */
export async function stop(child: ChildProcess, patience = 10_000): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const gone = new Promise<void>((resolve) => child.once('exit', () => resolve()));
  child.kill('SIGTERM');
  const timer = setTimeout(() => child.kill('SIGKILL'), patience);
  await gone;
  clearTimeout(timer);
}
