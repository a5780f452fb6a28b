import { awayRuleFields } from '../../core/classes/absences';
import { deed } from '../deed';

/** Says what becomes of dates on which a student of the class is away. */
export const changeAwayRule = deed({
  name: 'changeAwayRule',
  on: 'class',
  action: 'class.change',
  fields: awayRuleFields,
}).answers<object>();
