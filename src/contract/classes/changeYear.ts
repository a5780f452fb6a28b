import { schoolYearFields } from '../../core/classes/schoolYear';
import { deed } from '../deed';
import { placeFields } from './fields';

/** Says where a class is and when it has school: time zone, language, terms, holidays, days of school. */
export const changeYear = deed({
  name: 'changeYear',
  on: 'class',
  action: 'class.change',
  fields: {
    ...placeFields,
    ...schoolYearFields,
  },
}).answers<null>();
