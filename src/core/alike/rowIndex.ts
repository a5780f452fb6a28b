import { ROW } from './comparable';

/** Where a row of `ROW` words begins: in which of several lists of words, and at which word. */
export interface Beginning {
  readonly list: number;
  readonly at: number;
}

/** The rows of words of a text, in which those of many others are looked up. */
export class RowIndex {
  private readonly words: ReadonlySet<string>;
  private readonly beginnings = new Map<string, Beginning[]>();

  constructor(lists: readonly (readonly string[])[]) {
    this.words = new Set(lists.flat());
    for (const [list, words] of lists.entries())
      for (let at = 0; at + ROW <= words.length; at += 1) {
        const key = keyAt(words, at);
        const known = this.beginnings.get(key);
        if (known) known.push({ list, at });
        else this.beginnings.set(key, [{ list, at }]);
      }
  }

  /** Whether another text has one of the rows. */
  meets(others: readonly string[]): boolean {
    let met = false;
    this.meet(others, 1, () => {
      met = true;
    });
    return met;
  }

  /**
   * Calls back for the rows of another text that stand here too, with where each begins there and all its places here.
   * @param most so often for the same row: a text may be one word many times over
   */
  meet(others: readonly string[], most: number, met: (at: number, here: readonly Beginning[]) => void): void {
    const times = new Map<readonly Beginning[], number>();
    let known = 0;
    for (const [index, word] of others.entries()) {
      // Most rows of two texts part at a word that one of them does not have at all.
      known = this.words.has(word) ? known + 1 : 0;
      if (known < ROW) continue;
      const at = index + 1 - ROW;
      const here = this.beginnings.get(keyAt(others, at));
      const before = here && (times.get(here) ?? 0);
      if (!here || before === undefined || before >= most) continue;
      times.set(here, before + 1);
      met(at, here);
    }
  }
}

function keyAt(words: readonly string[], at: number): string {
  return words.slice(at, at + ROW).join(' ');
}
