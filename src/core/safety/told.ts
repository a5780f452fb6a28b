import type { Place } from '../languages/languages';
import { momentInWords } from '../timing/inWords';

/** What somebody is told who told a worry. */
export interface Told {
  /** Who reads it, by name; null for the teachers of the class and whoever runs the house. */
  readonly reader: string | null;
  /** By when there is an answer, in words; null for who cannot be answered. */
  readonly by: string | null;
  /** Where else there is help, as the school writes it; empty where it does not. */
  readonly help: string;
  /** Whether the words are away from their readers until it is decided. */
  readonly away: boolean;
  /** Whether nobody can read it here but whose words it is about. */
  readonly nobody: boolean;
}

/** What is told back, from what was kept of it. */
export function toldOf(
  one: {
    readonly toldBy: string | null;
    readonly promisedReader: string;
    readonly promisedAt: Date | null;
    readonly toldHelp: string;
    readonly tookAway: boolean;
  },
  { timeZone, language }: Place,
): Told {
  const { promisedAt } = one;
  return {
    reader: one.promisedReader || null,
    by: promisedAt && momentInWords(promisedAt.getTime(), timeZone, language),
    help: one.toldHelp,
    away: one.tookAway,
    // Whoever is signed in is promised an answer, unless there is nobody to give one.
    nobody: one.toldBy !== null && promisedAt === null,
  };
}
