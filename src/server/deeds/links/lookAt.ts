import type { OpenResult } from '../../../core/requirements/post';
import { database, type Database } from '../../ground/database/database';
import { guardedFetch } from '../../ground/fetching/guardedFetch';
import { takeSome } from '../../ground/limits/takeTry';
import { listLooked, recordLook, type LookedRow } from '../../tables/links';
import { openResultOf } from './openResult';

const MINUTE = 60_000;
/** How long a finding is believed. What is shut may be opened any minute by the child who has just been told. */
const BELIEVED: Readonly<Record<OpenResult, number>> = {
  opens: 24 * 60 * MINUTE,
  private: MINUTE,
  missing: MINUTE,
  unreachable: MINUTE,
};
const AT_ONCE = 6;
const LOOK = { mostBytes: 64 * 1024, patience: 8_000 };

/** What each of the addresses does for a stranger, as far as anybody has looked; nothing is asked here. */
export async function findOpenResults(
  database: Database,
  addresses: readonly string[],
): Promise<Readonly<Record<string, OpenResult>>> {
  return byAddress(await listLooked(database, addresses));
}

/**
 * Looks at the addresses that nobody has looked at lately, a few at once, and gives what is known of all of them.
 * @param addresses as the WHATWG URL parser writes them
 * @param askedBy for whom; null for the install's own work, which is not limited
 */
export async function lookAt(
  addresses: readonly string[],
  { askedBy, now }: { readonly askedBy: string | null; readonly now: Date },
): Promise<Readonly<Record<string, OpenResult>>> {
  const known = await listLooked(database, addresses);
  const believed = new Set(known.filter((row) => isBelieved(row, now)).map((row) => row.address));
  const open = addresses.filter((address) => !believed.has(address));
  const allowed =
    askedBy === null ? open.length : await takeSome('looks', { subject: askedBy, now, many: open.length });
  const asked = open.slice(0, allowed);
  const found: LookedRow[] = [];
  const next = asked.values();
  const look = async () => {
    for (const address of next) {
      const result = openResultOf(address, await guardedFetch(address, LOOK));
      const row = { address, result, lookedAt: now };
      await recordLook(database, { ...row, askedBy });
      found.push(row);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, look));
  return { ...byAddress(known), ...byAddress(found) };
}

function isBelieved({ result, lookedAt }: LookedRow, now: Date): boolean {
  return now.getTime() - lookedAt.getTime() < BELIEVED[result];
}

function byAddress(rows: readonly LookedRow[]): Record<string, OpenResult> {
  return Object.fromEntries(rows.map((row) => [row.address, row.result]));
}
