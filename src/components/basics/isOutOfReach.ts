/** Whether a code means that nobody was reached who could do it: the line is cut, or somebody has to sign in first. */
export function isOutOfReach(code: string): boolean {
  return code === 'offline' || code === 'unexpected' || code === 'signedOut';
}
