/** Tells on standard error what is going on, and for long steps that it still is. */
export async function step<Result>(what: string, work: () => Promise<Result>): Promise<Result> {
  const began = Date.now();
  process.stderr.write(`${what} …\n`);
  const beat = setInterval(() => {
    process.stderr.write(`  still at it after ${Math.round((Date.now() - began) / 1000)} s\n`);
  }, 10_000);
  try {
    return await work();
  } finally {
    clearInterval(beat);
  }
}
