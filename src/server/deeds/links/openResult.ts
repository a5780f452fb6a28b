import type { OpenResult } from '../../../core/requirements/post';
import type { Fetched } from '../../ground/fetching/guardedFetch';

/** How a stranger fares at an address, told from what came of asking it without any account. */
export function openResultOf(asked: string, fetched: Fetched): OpenResult {
  if (fetched.kind === 'noHost') return 'missing';
  if (fetched.kind === 'unreachable') return 'unreachable';
  // Nobody outside reaches an address inside; we do not either.
  if (fetched.kind === 'refused') return fetched.why === 'redirects' ? 'unreachable' : 'private';
  const { status } = fetched;
  if (status === 401 || status === 403 || isSignIn(asked, fetched)) return 'private';
  if (status === 404 || status === 410) return 'missing';
  return status >= 200 && status < 300 ? 'opens' : 'unreachable';
}

/** Taken somewhere else and asked who one is there: a page to sign in at stands before what was wanted. */
function isSignIn(asked: string, { address, body }: Fetched & { readonly kind: 'answered' }): boolean {
  const [from, to] = [new URL(asked), new URL(address)];
  if (from.host === to.host && from.pathname === to.pathname) return false;
  return (
    /(^|[/._-])(sign|log)[-_]?in([/._?-]|$)/i.test(`${to.hostname}${to.pathname}`) ||
    /<input[^>]+type=["']?password/i.test(body.toString('latin1'))
  );
}
