import { deskRuleFields } from '../../core/classes/deskRules';
import { deed } from '../deed';

/** Says how the class's writers work: with one next thing, with labels that wait, with links in the same tab. */
export const changeDesk = deed({
  name: 'changeDesk',
  on: 'class',
  action: 'class.change',
  fields: deskRuleFields,
}).answers<object>();
