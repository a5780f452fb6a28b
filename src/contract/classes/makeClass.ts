import { deed } from '../deed';
import { nameFields, placeFields } from './fields';

/**
 * Begins a class of one's own: closed to everybody outside, with an address and a code, to be settled step by step. It
 * is there from the first step on, so the rest can wait.
 */
export const makeClass = deed({
  name: 'makeClass',
  on: 'nothing',
  action: 'class.make',
  fields: {
    title: nameFields.title,
    groupName: nameFields.groupName,
    ...placeFields,
  },
}).answers<{ readonly classId: string }>();
