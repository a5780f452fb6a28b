interface Waiting {
  /** Who asks. */
  readonly by: string;
  readonly start: () => void;
}

/**
 * A line before a few places. Whoever waits with many things is taken in turn with the others: nobody stands behind all that
 * one person sent.
 */
export class Line {
  private readonly waiting: Waiting[] = [];
  private taken = 0;
  private readonly served = new Map<string, number>();
  private turn = 0;

  /** @param places how many are inside at once @param most how many of one person may wait */
  constructor(
    private readonly places: number,
    private readonly most: number,
  ) {}

  /** Waits for a place and does something in it; null where too many of the same person wait already. */
  async pass<Value>(by: string, work: () => Promise<Value>): Promise<Value | null> {
    if (this.waiting.filter((one) => one.by === by).length >= this.most) return null;
    if (this.taken >= this.places) await new Promise<void>((start) => this.waiting.push({ by, start }));
    else this.taken += 1;
    this.turn += 1;
    this.served.set(by, this.turn);
    try {
      return await work();
    } finally {
      this.leave();
    }
  }

  /** Gives the place to whoever was not served for longest, among equals to who came first. */
  private leave(): void {
    const turnOf = ({ by }: Waiting) => this.served.get(by) ?? 0;
    const next = this.waiting.reduce<Waiting | null>(
      (first, one) => (first === null || turnOf(one) < turnOf(first) ? one : first),
      null,
    );
    if (next) {
      this.waiting.splice(this.waiting.indexOf(next), 1);
      next.start();
      return;
    }
    this.taken -= 1;
    if (this.taken === 0) this.served.clear();
  }
}
