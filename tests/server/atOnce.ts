import type { Result } from '../../src/server/ground/access/useCase';
import { database } from '../../src/server/ground/database/database';

/** As many as a class sends when a line comes back, and then some. */
export const MANY = 400;

type Outcome = Result<unknown>;

/** Does something many times at the same moment. */
export const atOnce = (one: (index: number) => Promise<Outcome>, many = MANY): Promise<readonly Outcome[]> =>
  Promise.all(Array.from({ length: many }, (_, index) => one(index)));

/** How many went through, of all or of some. */
export const ofThem = (outcomes: readonly Outcome[], wanted: (index: number) => boolean = () => true) =>
  outcomes.filter((outcome, index) => outcome.ok && wanted(index)).length;

/** The refusals, each once. */
export const codesOf = (outcomes: readonly Outcome[]): ReadonlySet<string> =>
  new Set(outcomes.flatMap((outcome) => (outcome.ok ? [] : [outcome.code])));

/** How often a deed stands in the logs of the classes. */
export const noted = async (useCase: string): Promise<number> =>
  (await database.rows('SELECT 1 FROM audit_log WHERE use_case = :useCase', { useCase })).length;
