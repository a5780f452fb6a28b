/** What a class decides about how its writers work. */
export interface DeskRules {
  /** Whether the railing begins with the next thing alone, for writers who lose themselves in many. */
  readonly oneNextThing: boolean;
  /** Whether readers' links open where they are, not in a tab of their own. */
  readonly linksInSameTab: boolean;
  /** Whether a new label waits until a teacher has taken it in. */
  readonly labelsWait: boolean;
}

export const FIRST_DESK_RULES: DeskRules = {
  oneNextThing: false,
  linksInSameTab: false,
  labelsWait: false,
};

/** JSON Schemas of the fields, all of them needed. */
export const deskRuleFields = {
  oneNextThing: { type: 'boolean' },
  linksInSameTab: { type: 'boolean' },
  labelsWait: { type: 'boolean' },
} as const;
