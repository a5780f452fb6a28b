/** How long a press may have waited for the line and count all the same; hours. */
export const PRESSED_HOURS = [0, 1, 12, 24, 72] as const;
export type PressedHours = (typeof PRESSED_HOURS)[number];
export const LONGEST_PRESSED: PressedHours = 72;

/** What a class decides about how its writers work. */
export interface DeskRules {
  /** Whether the railing begins with the next thing alone, for writers who lose themselves in many. */
  readonly oneNextThing: boolean;
  /** Whether readers' links open where they are, not in a tab of their own. */
  readonly linksInSameTab: boolean;
  /** Whether a new label waits until a teacher has taken it in. */
  readonly labelsWait: boolean;
  /** So many hours a hand-in that had to wait for the line counts from when it was pressed, as far as the school allows; 0 where it never does. */
  readonly pressedHours: PressedHours;
}

export const FIRST_DESK_RULES: DeskRules = {
  oneNextThing: false,
  linksInSameTab: false,
  labelsWait: false,
  pressedHours: 12,
};

/** JSON Schemas of the fields, all of them needed. */
export const deskRuleFields = {
  oneNextThing: { type: 'boolean' },
  linksInSameTab: { type: 'boolean' },
  labelsWait: { type: 'boolean' },
  pressedHours: { enum: PRESSED_HOURS },
} as const;
