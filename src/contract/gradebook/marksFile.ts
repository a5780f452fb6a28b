import { marksSetupFields, type MarkOfStudent, type MarksSetup } from '../../core/gradebook/marksFile';
import { deed } from '../deed';
import { termOrYearField } from './termField';

/** A file of marks before it is taken. */
export interface MarksPreview {
  /** As it was kept last, or what a file has at first. */
  readonly setup: MarksSetup;
  readonly termName: string;
  /** The first of those who stand in it. */
  readonly first: readonly MarkOfStudent[];
  /** Those of whom the school told no id. */
  readonly withoutId: readonly string[];
  /** The marks that stand although something was left to do. */
  readonly standSo: number;
  /** What changed since it was taken last; null where it never was. */
  readonly since: {
    readonly by: string;
    readonly when: string;
    readonly changes: readonly {
      readonly name: string;
      readonly before: string | null;
      readonly after: string | null;
    }[];
  } | null;
}

/** Shows who stands first in a file of marks, and what changed since the last one. */
export const previewMarks = deed({
  name: 'previewMarks',
  on: 'class',
  action: 'gradebook.change',
  looksOnly: true,
  outside: true,
  fields: { term: termOrYearField },
}).answers<MarksPreview>();

/** Takes the marks of a term along as a file, by a set-up that is kept. */
export const takeMarks = deed({
  name: 'takeMarks',
  on: 'class',
  action: 'gradebook.change',
  fields: { term: termOrYearField, ...marksSetupFields },
}).answers<{ readonly name: string; readonly content: string }>();
