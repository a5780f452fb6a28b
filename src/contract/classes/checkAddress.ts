import type { AddressProblem } from '../../core/classes/classAddress';
import { deed } from '../deed';

export interface AddressChecked {
  readonly problem: AddressProblem | 'taken' | null;
  /** Free ones, where this one cannot be had. */
  readonly suggestions: readonly string[];
}

/** Says while it is typed whether a class can have an address, and which are free where it cannot. */
export const checkAddress = deed({
  name: 'checkAddress',
  on: 'class',
  action: 'class.change',
  looksOnly: true,
  fields: {
    address: { type: 'string', maxLength: 100 },
  },
}).answers<AddressChecked>();
