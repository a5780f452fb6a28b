/** Something that stands in a column, where it would like to begin, and how high it is; pixels. */
export interface Placed {
  readonly wanted: number;
  readonly height: number;
}

/**
 * Where things begin that would like to stand at given places in one column, in their order, so that none lies over another and all
 * together are as near to their places as can be (least squares: isotonic regression by pooling adjacent violators).
 * @param gap between two of them
 * @returns the beginning of each, none before 0
 */
export function keepApart(things: readonly Placed[], gap: number): readonly number[] {
  // Without the heights before it, a thing only must not begin before the one above.
  const groups: { mean: number; count: number }[] = [];
  let above = 0;
  const offsets: number[] = [];
  for (const { wanted, height } of things) {
    offsets.push(above);
    groups.push({ mean: wanted - above, count: 1 });
    above += height + gap;
    for (let last = groups.length - 1; last > 0; last -= 1) {
      const [before, after] = [groups[last - 1]!, groups[last]!];
      if (before.mean <= after.mean) break;
      const count = before.count + after.count;
      groups.splice(last - 1, 2, {
        mean: (before.mean * before.count + after.mean * after.count) / count,
        count,
      });
    }
  }
  const begins = groups.flatMap(({ mean, count }) => new Array<number>(count).fill(Math.max(0, mean)));
  return begins.map((begin, index) => begin + offsets[index]!);
}
