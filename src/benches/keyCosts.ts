/** An event of Chromium's own trace; times in microseconds. */
export interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  readonly pid: number;
  readonly tid: number;
  readonly ts: number;
  readonly dur?: number;
  /** For how long of that the thread itself was at work: without what other processes took of the machine. */
  readonly tdur?: number;
  readonly args?: { readonly data?: { readonly type?: string } };
}

/** What a key cost between its press and its painting, in milliseconds. */
export interface KeyCost {
  /** The most work of one task of the page's main thread, with what the browser does itself: putting in the letter, laying out. */
  readonly task: number;
  /** The most work of our own script within one task. */
  readonly script: number;
  /** The longest task by the clock: also what the machine did for others meanwhile. */
  readonly clock: number;
}

/** Script runs in these, whatever called it. */
const SCRIPT: ReadonlySet<string> = new Set([
  'FunctionCall',
  'EvaluateScript',
  'FireAnimationFrame',
  'TimerFire',
  'RunMicrotasks',
]);

/** What each key that was typed cost, by Chromium's own trace. */
export function keyCosts(events: readonly TraceEvent[]): readonly KeyCost[] {
  const presses = events.filter(
    ({ name, args }) => name === 'EventDispatch' && args?.data?.type === 'keypress',
  );
  return presses.map((press) => {
    const thread = events.filter(({ pid, tid, ph }) => pid === press.pid && tid === press.tid && ph === 'X');
    const tasks = thread.filter((event) => event.name === 'RunTask');
    const first = tasks.find((task) => holds(task, press)) ?? press;
    // The letter is on its way to the screen with the first commit after it was put in.
    const painted = thread.find(({ name, ts }) => name === 'Commit' && ts >= end(first)) ?? press;
    const between = tasks.filter((task) => task.ts >= first.ts && task.ts <= painted.ts);
    return {
      task: most(between.map(worked)),
      script: most(between.map((task) => scriptIn(task, thread))),
      clock: most(between.map(({ dur = 0 }) => dur)),
    };
  });
}

/** The most of some microseconds, in milliseconds. */
function most(microseconds: readonly number[]): number {
  return Math.max(0, ...microseconds) / 1000;
}

function worked({ dur = 0, tdur = dur }: TraceEvent): number {
  return tdur;
}

/** Microseconds of script in a task: that of its outermost pieces. */
function scriptIn(task: TraceEvent, thread: readonly TraceEvent[]): number {
  const pieces = thread.filter((event) => SCRIPT.has(event.name) && holds(task, event));
  return pieces
    .filter((piece) => !pieces.some((other) => other !== piece && holds(other, piece)))
    .reduce((sum, piece) => sum + worked(piece), 0);
}

function holds(outer: TraceEvent, inner: TraceEvent): boolean {
  return outer.ts <= inner.ts && end(outer) >= end(inner);
}

function end({ ts, dur = 0 }: TraceEvent): number {
  return ts + dur;
}
