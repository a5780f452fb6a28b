/** One measurement: how long the work took against its floor, both in the same run. */
export interface Measurement {
  readonly name: string;
  /** Time of the work by time of the floor. */
  readonly ratio: number;
  readonly value: number;
  readonly unit: string;
}

/** The middle of several measurements of some work, in milliseconds. */
export async function medianTime(times: number, work: (turn: number) => Promise<void>): Promise<number> {
  const taken: number[] = [];
  for (let turn = 0; turn < times; turn += 1) {
    const start = performance.now();
    await work(turn);
    taken.push(performance.now() - start);
  }
  return medianOf(taken);
}

/**
 * The middle times of some work and of its floor, in milliseconds: they are done by turns, so that whatever else the machine does
 * weighs on both, and some turns beforehand, as in a house that has been open for a while.
 */
export async function medianTimes(
  times: number,
  work: () => Promise<unknown>,
  floor: () => Promise<unknown>,
): Promise<{ readonly time: number; readonly floor: number }> {
  const taken: number[] = [];
  const atLeast: number[] = [];
  for (let turn = -WARM; turn < times; turn += 1)
    for (const [doing, into] of [
      [work, taken],
      [floor, atLeast],
    ] as const) {
      const start = performance.now();
      await doing();
      if (turn >= 0) into.push(performance.now() - start);
    }
  return { time: medianOf(taken), floor: medianOf(atLeast) };
}

/** So many turns until code is as quick as it gets. */
const WARM = 10;

function medianOf(taken: readonly number[]): number {
  return taken.toSorted((a, b) => a - b)[Math.floor(taken.length / 2)] ?? 0;
}

export function measurement(name: string, time: number, floor: number): Measurement {
  return { name, ratio: round(time / floor), value: round(time), unit: 'ms' };
}

function round(number: number): number {
  return Math.round(number * 100) / 100;
}
