import { deed } from '../deed';

/** What goes with a class, counted before it does. */
export interface ClassHoldings {
  readonly students: number;
  readonly posts: number;
  readonly published: number;
  readonly pictures: number;
  /** Students who are in no other class, and go with it. */
  readonly onlyHere: number;
}

/** Says what goes with a class, before anything is done. */
export const previewClassDeletion = deed({
  name: 'previewClassDeletion',
  on: 'class',
  action: 'class.delete',
  looksOnly: true,
}).answers<ClassHoldings>();
