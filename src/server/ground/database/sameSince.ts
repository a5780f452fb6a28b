const AGAIN = 60_000;

/**
 * From when on the same words of the same person are the same message, sent again by an impatient finger or a line that came
 * back: it stands once.
 */
export function sameSince(now: Date): Date {
  return new Date(now.getTime() - AGAIN);
}
