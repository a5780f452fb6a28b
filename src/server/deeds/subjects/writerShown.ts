import { HIDDEN_MONOGRAM, numberShown } from '../../../core/people/drawnNumber';
import { monogram } from '../../../core/people/names';
import type { MemberRow } from '../../tables/memberships';

/** A writer as a teacher is shown them who judges what they wrote. */
export interface WriterShown {
  readonly name: string;
  /** The name by which teachers speak to them; null while it is hidden. */
  readonly called: string | null;
  readonly monogram: string;
}

/** @param hidden the number that stands for them while their name is hidden from the teacher */
export function writerShown(writer: MemberRow, hidden: number | undefined): WriterShown {
  if (hidden !== undefined) return { name: numberShown(hidden), called: null, monogram: HIDDEN_MONOGRAM };
  return { name: writer.shownName, called: writer.givenName, monogram: monogram(writer) };
}
