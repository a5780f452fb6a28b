/** When a writer pressed, by the clock of the device, and what that clock said when it could be sent at last; milliseconds since 1970. */
export interface Pressed {
  readonly at: number;
  readonly deviceNow: number;
}

/** A device whose clock is no further off than this agrees with ours; milliseconds. */
export const CLOCKS_AGREE = 2 * 60_000;

/** A press that reached us later than it was made. */
export interface LatePress {
  readonly pressedAt: Date;
  /** Whether the hand-in counts from then: within the span that is allowed, and by a clock that agrees with ours. */
  readonly counts: boolean;
}

/** A press that is no older than this is one that came at once; milliseconds. */
const AT_ONCE = 5000;

/**
 * What becomes of a press that was sent later, or null for one that came at once or that cannot have been.
 * @param span how long before a press may have been made to count, milliseconds; 0 where none counts
 * @param notBefore what the press cannot have come before: the hand-in or the beginning before it
 */
export function latePress(
  { at, deviceNow }: Pressed,
  { now, span, notBefore }: { readonly now: Date; readonly span: number; readonly notBefore: Date },
): LatePress | null {
  const waited = deviceNow - at;
  if (!Number.isFinite(waited) || waited < AT_ONCE) return null;
  const agrees = Math.abs(deviceNow - now.getTime()) <= CLOCKS_AGREE;
  const pressedAt = new Date(agrees ? Math.min(at, now.getTime()) : now.getTime() - waited);
  const possible = pressedAt > notBefore;
  return possible ? { pressedAt, counts: agrees && waited <= span } : null;
}
