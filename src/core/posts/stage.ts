/** Where a post's writing stands. Who reads it and its grade are facts beside this, never part of it. */
export type Stage = 'draft' | 'handedIn' | 'sentBack' | 'accepted';

export type StageChange = 'handIn' | 'takeBack' | 'sendBack' | 'accept';

/** From which stages a change leads to which. A hand-in may follow anything: each is a snapshot of its own. */
const CHANGES: Readonly<Record<StageChange, { readonly from: readonly Stage[]; readonly to: Stage }>> = {
  handIn: { from: ['draft', 'handedIn', 'sentBack', 'accepted'], to: 'handedIn' },
  takeBack: { from: ['handedIn'], to: 'draft' },
  sendBack: { from: ['handedIn', 'accepted'], to: 'sentBack' },
  accept: { from: ['handedIn', 'sentBack'], to: 'accepted' },
};

/** The stage after a change, or null where the change cannot follow. */
export function maybeNextStage(stage: Stage, change: StageChange): Stage | null {
  return CHANGES[change].from.includes(stage) ? CHANGES[change].to : null;
}
