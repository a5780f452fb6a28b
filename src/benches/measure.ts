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
  return taken.sort((a, b) => a - b)[Math.floor(taken.length / 2)] ?? 0;
}

export function measurement(name: string, time: number, floor: number): Measurement {
  return { name, ratio: round(time / floor), value: round(time), unit: 'ms' };
}

function round(number: number): number {
  return Math.round(number * 100) / 100;
}
