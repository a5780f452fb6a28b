import { deed } from '../deed';
import { importFields } from './importPlan';

export interface Imported {
  /** The people who were made, in the order of their rows. */
  readonly made: readonly string[];
  readonly joined: readonly string[];
  /** Students of others, whose home class is asked. */
  readonly asked: readonly string[];
}

/**
 * Makes the people of a list or file and takes them into a class, all of them or none. The plan is made again here, so
 * whatever changed since the preview counts. Passcodes are made when cards are asked for.
 */
export const importPeople = deed({
  name: 'importPeople',
  on: 'class',
  action: 'roster.change',
  fields: importFields,
}).answers<Imported>();
