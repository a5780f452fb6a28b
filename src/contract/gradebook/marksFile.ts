import type { MarksSetup } from '../../core/gradebook/marksFile';
import { marksSetupFields } from '../../core/gradebook/marksFile';
import { deed } from '../deed';

/** The first day of a term, or `year`. */
const term = { type: 'string', pattern: '^(?:year|\\d{4}-\\d{2}-\\d{2})$' } as const;

/** A file of marks before it is taken. */
export interface MarksPreview {
  /** As it was kept, or the one that was asked with. */
  readonly setup: MarksSetup;
  /** Its first lines. */
  readonly lines: readonly (readonly string[])[];
  readonly of: number;
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

/** Shows what a file of marks would say, and what changed since the last one. */
export const previewMarks = deed({
  name: 'previewMarks',
  on: 'class',
  action: 'gradebook.change',
  looksOnly: true,
  outside: true,
  fields: { term, ...marksSetupFields },
  optional: ['columns', 'delimiter', 'decimal', 'headings'],
}).answers<MarksPreview>();

/** Takes the marks of a term along as a file, by a set-up that is kept. */
export const takeMarks = deed({
  name: 'takeMarks',
  on: 'class',
  action: 'gradebook.change',
  fields: { term, ...marksSetupFields },
}).answers<{ readonly name: string; readonly content: string }>();
