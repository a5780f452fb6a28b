/** How far the opening of a draft for a safety concern is. */
export type OpeningState = 'waits' | 'open' | 'declined' | 'over';

interface Opening {
  readonly decidedAt: Date | null;
  readonly agreed: boolean;
  /** Until when both who opened it may read it. */
  readonly endsAt: Date | null;
}

export function openingState({ decidedAt, agreed, endsAt }: Opening, now: Date): OpeningState {
  if (!decidedAt) return 'waits';
  if (!agreed) return 'declined';
  return endsAt && endsAt > now ? 'open' : 'over';
}
