import type { PasscodeKind } from '../../core/people/passcode';
import { door } from '../door';

export interface NamesOfClass {
  readonly title: string;
  readonly groupName: string;
  /** True where names are typed: then none are told, and cards carry what the class chose. */
  readonly typed: boolean;
  readonly kind: PasscodeKind;
  /** Each with the handle by which it is named when its passcode is shown. */
  readonly names: readonly { readonly who: string; readonly name: string; readonly kind: PasscodeKind }[];
}

/** The first names and initials of a class, for whoever knows its code. */
export const listNames = door({
  path: '/api/names',
  method: 'POST',
  by: 'anybody',
  fields: { code: { type: 'string', minLength: 1, maxLength: 40 } },
}).answers<NamesOfClass>();
