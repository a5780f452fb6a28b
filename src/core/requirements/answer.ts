export type RequirementState = 'met' | 'partly' | 'unmet' | 'over' | 'unknown';
export type UnknownReason = 'teacher' | 'server' | 'network' | 'length' | 'language';

/** A place in the document that a requirement speaks of. */
export interface Place {
  readonly from: number;
  readonly to: number;
  /** A key under `requirements.<kind>.places` in the message catalogue. */
  readonly reason: string;
}

/** A sentence to be made by the interface: a key under `requirements.<kind>` and what goes into it. */
export interface Message {
  readonly key: string;
  readonly values: Readonly<Record<string, string | number>>;
}

export interface Target {
  readonly min?: number;
  readonly max?: number;
}

export interface RequirementAnswer {
  readonly id: string;
  readonly kind: string;
  readonly state: RequirementState;
  readonly reason: UnknownReason | null;
  readonly measured: number | null;
  readonly target: Target;
  /** 0 to 1, rounded half up to 4 decimals. */
  readonly share: number;
  readonly earned: number;
  readonly possible: number;
  readonly message: Message;
  readonly places: readonly Place[];
}

export interface Answer {
  /** Every required one is met, or not known yet. */
  readonly ready: boolean;
  readonly required: { readonly met: number; readonly of: number };
  readonly points: { readonly earned: number; readonly possible: number; readonly bonus: number };
  /** True while a requirement with points is not known yet. */
  readonly provisional: boolean;
  readonly requirements: readonly RequirementAnswer[];
}
