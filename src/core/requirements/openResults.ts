import { maybeWebAddress } from '../document/links';
import type { OpenResult } from './post';

/** What was found out about addresses, by the address as the WHATWG URL parser writes it. */
export function openResultsByAddress(
  results: Readonly<Record<string, OpenResult>>,
): ReadonlyMap<string, OpenResult> {
  const map = new Map<string, OpenResult>();
  for (const [address, result] of Object.entries(results)) {
    const web = maybeWebAddress(address);
    if (web) map.set(web, result);
  }
  return map;
}

/** Whether nobody can say yet how a stranger fares there. */
export function isNotKnown(result: OpenResult | undefined): boolean {
  return result === undefined || result === 'unreachable';
}
