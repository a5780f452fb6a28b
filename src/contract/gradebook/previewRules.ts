import { rulesFields } from '../../core/gradebook/rules';
import { deed } from '../deed';
import { rulesInput } from './rulesInput';

/** What some rules would make of three students' totals. */
export interface TotalsBefore {
  readonly name: string;
  readonly now: number | null;
  readonly nowLetter: string | null;
  readonly then: number | null;
  readonly thenLetter: string | null;
}

/** Says what other rules would come to, before they count: for three students, and for how many totals or words would change. */
export const previewRules = deed({
  name: 'previewRules',
  on: 'class',
  action: 'gradebook.change',
  looksOnly: true,
  outside: true,
  fields: { ...rulesFields, ...rulesInput },
}).answers<{ readonly students: readonly TotalsBefore[]; readonly changed: number; readonly of: number }>();
