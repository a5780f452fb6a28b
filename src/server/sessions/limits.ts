import type { Database } from '../database/database';
import { countFailures } from './queries';

const MINUTE = 60_000;
const DAY = 24 * 60 * MINUTE;

/**
 * How many wrong tries are too many. An account has few within a short while, and few within a day, or three picture
 * words would be found by patience; an address is shared by a whole school.
 */
export const LIMITS = {
  soon: { within: 15 * MINUTE, account: 8, address: 300 },
  day: { within: DAY, account: 40 },
} as const;

/** Whether further tries for an account, or from a network address, are refused for now. */
export async function isLimited(
  database: Database,
  { account, address, now }: { readonly account: string; readonly address: string; readonly now: Date },
): Promise<boolean> {
  const since = (within: number) => new Date(now.getTime() - within);
  const soon = await countFailures(database, { account, address, since: since(LIMITS.soon.within) });
  if (soon.account >= LIMITS.soon.account || soon.address >= LIMITS.soon.address) return true;
  const day = await countFailures(database, { account, address, since: since(LIMITS.day.within) });
  return day.account >= LIMITS.day.account;
}
