/** How many digits the numbers that stand for writers have at first: three are read out easily, and enough for most assignments. */
const LOWEST = 100;
/** So many are drawn at once, each three with a digit more. */
const DRAWN_AT_ONCE = 12;

/**
 * Numbers that may stand for the writer of a post, drawn by lot, the better ones first.
 * @param random a whole number from the first up to and without the second
 */
export function drawnNumbers(random: (from: number, to: number) => number): readonly number[] {
  return Array.from({ length: DRAWN_AT_ONCE }, (_, index) => {
    const from = LOWEST * 10 ** Math.floor(index / 3);
    return random(from, from * 10);
  });
}

/** What stands for a writer whose name is hidden: "№ 417". */
export function numberShown(number: number): string {
  return `№ ${number}`;
}

/** What stands for their monogram: nothing of the name. */
export const HIDDEN_MONOGRAM = '№';
