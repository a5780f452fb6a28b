import { changesBetween } from '../../core/changes/changes';
import { openDocument } from '../../core/document/openDocument';
import type { Beside } from '../../core/posts/beside';
import {
  markChanges,
  showChanges,
  type ChangesMarked,
  type ChangesShown,
} from '../../core/posts/changesShown';

/** A writing as it is kept; `body` is the document as JSON text. */
export interface KeptWriting {
  readonly title: string;
  readonly labels: readonly string[];
  readonly beside: Beside;
  readonly body: string;
}

interface Two {
  readonly before: KeptWriting;
  readonly after: KeptWriting;
}

/** What changed from one kept writing to another, ready to be shown. */
export function compare({ before, after }: Two): ChangesShown {
  return showChanges(changesBetween(snapshotOf(before), snapshotOf(after)));
}

/** The same, to be marked in the later text. */
export function compareInText({ before, after }: Two): ChangesMarked {
  return markChanges(changesBetween(snapshotOf(before), snapshotOf(after)));
}

function snapshotOf({ title, labels, beside, body }: KeptWriting) {
  return { title, labels, beside, body: openDocument(JSON.parse(body)) };
}
