import type { PasscodeKind } from '../../core/people/passcode';
import { deed } from '../deed';
import { personIds } from '../personIds';

const MOST_AT_ONCE = 200;

/** A sign-in card: the only time that its passcode can be read. */
export interface Card {
  readonly personId: string;
  readonly name: string;
  readonly kind: PasscodeKind;
  readonly passcode: string;
}

/**
 * Makes new passcodes for students of a class. What they had before stops working, every session of theirs ends,
 * and whoever was locked out by wrong tries can try again.
 */
export const makePasscodes = deed({
  name: 'makePasscodes',
  on: 'class',
  action: 'roster.change',
  fields: {
    personIds: { ...personIds, maxItems: MOST_AT_ONCE },
  },
}).answers<{ readonly cards: readonly Card[] }>();
