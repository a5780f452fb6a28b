import { availableParallelism } from 'node:os';
import path from 'node:path';
import { Piscina } from 'piscina';
import type * as tasks from '../../../workers/tasks';
import { log } from '../logging/log';
import { Line } from './line';

type Tasks = typeof tasks;
export type TaskName = keyof Tasks;
type Input<Name extends TaskName> = Parameters<Tasks[Name]>[0];
type Output<Name extends TaskName> = Awaited<ReturnType<Tasks[Name]>>;

/** What came of a task: its value, or that it was ended because it was too much: time, memory or depth; or too many wait. */
export type Worked<Value> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly why: 'tooMuch' | 'tooMany' };

/** Secrets are many and short, and who signs in does not wait behind files: these have threads of their own. */
type Kind = 'quick' | 'long';
const KINDS: Readonly<Record<TaskName, Kind>> = {
  hash: 'quick',
  verify: 'quick',
  readFile: 'long',
  readSource: 'long',
  readRoster: 'long',
  compare: 'long',
  compareInText: 'long',
  copyOf: 'long',
  measure: 'long',
  findDetails: 'long',
  gradebookFigures: 'long',
  gradesOf: 'long',
  originOf: 'long',
  passagesAt: 'long',
  ownWordsOf: 'long',
  alikeAmong: 'long',
  compareOwnWords: 'long',
  searchWords: 'long',
  withoutCredits: 'long',
};
/** How long a task may take, in milliseconds, from when a thread has it. */
const PATIENCE: Readonly<Record<Kind, number>> = { quick: 10_000, long: 8_000 };
/** How many of one person's may wait. */
const MOST_WAITING: Readonly<Record<Kind, number>> = { quick: 400, long: 40 };
/** What the whole process may grow by while tasks run, in bytes: buffers and WebAssembly are in no other limit. */
const MOST_GROWTH = 512 * 1024 * 1024;
const LOOK_EVERY = 50;

const LIMITS = { maxOldGenerationSizeMb: 192, maxYoungGenerationSizeMb: 32, stackSizeMb: 4 };

interface Pools {
  readonly pool: Piscina;
  readonly line: Line;
}
// Next.js may load this module more than once; the threads are those of the process.
const shared = globalThis as { porchWork?: Map<Kind, Pools> };

/**
 * Does a task in a thread beside the one that answers everybody. Never within a transaction: it takes as long as it takes.
 * @param by for whom, so that nobody waits behind all that one person sent
 */
export async function work<Name extends TaskName>(
  name: Name,
  input: Input<Name>,
  by: string,
): Promise<Worked<Output<Name>>> {
  const kind = KINDS[name];
  const { pool, line } = poolOf(kind);
  const done = await line.pass(by, () => runWithin(pool, { name, input, patience: PATIENCE[kind] }));
  return (done ?? { ok: false, why: 'tooMany' }) as Worked<Output<Name>>;
}

/** Ends the threads, for tests and commands that want to stop. */
export async function closeWork(): Promise<void> {
  const open = shared.porchWork;
  delete shared.porchWork;
  for (const { pool } of open?.values() ?? []) await pool.destroy();
}

function poolOf(kind: Kind): Pools {
  shared.porchWork ??= new Map();
  const threads = kind === 'quick' ? 1 : Math.max(1, availableParallelism() - 1);
  const known = shared.porchWork.get(kind) ?? {
    pool: newPool(threads),
    line: new Line(threads, MOST_WAITING[kind]),
  };
  shared.porchWork.set(kind, known);
  return known;
}

function newPool(threads: number): Piscina {
  const pool = new Piscina({
    filename: path.join(/*turbopackIgnore: true*/ process.cwd(), 'node_modules/.porch/tasks.mjs'),
    minThreads: 0,
    maxThreads: threads,
    idleTimeout: 60_000,
    resourceLimits: LIMITS,
    execArgv: [],
  });
  // A thread whose task was given up may die of it afterwards. That is nobody's task any more; unheard, it would end the whole process.
  pool.on('error', (error: unknown) =>
    log().warn({ err: error }, 'a thread ended after its task was given up'),
  );
  return pool;
}

interface Running {
  readonly name: TaskName;
  readonly input: unknown;
  readonly patience: number;
}

/** Runs a task until it is done, or until it has taken too long or too much. */
async function runWithin(pool: Piscina, { name, input, patience }: Running): Promise<Worked<unknown>> {
  const ending = new AbortController();
  const limit = process.memoryUsage.rss() + MOST_GROWTH;
  const until = Date.now() + patience;
  const watch = setInterval(() => {
    if (Date.now() > until || process.memoryUsage.rss() > limit) ending.abort();
  }, LOOK_EVERY);
  try {
    const value: unknown = await pool.run(input, { name, signal: ending.signal });
    return { ok: true, value };
  } catch (error) {
    if (ending.signal.aborted || isTooMuch(error)) return { ok: false, why: 'tooMuch' };
    throw error;
  } finally {
    clearInterval(watch);
  }
}

/** Out of memory, or nested deeper than the stack: nobody's mistake but the input's. */
function isTooMuch(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  return (
    ('code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY') ||
    (error.name === 'RangeError' && /call stack|string length|Array buffer/i.test(error.message))
  );
}
