import { changesBetween } from '../../core/changes/changes';
import { withoutCredits } from '../../core/document/credits';
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

/** The same, to be marked in the later text. @param anonymous whether credits of pictures are covered */
export function compareInText({
  before,
  after,
  anonymous,
}: Two & { readonly anonymous: boolean }): ChangesMarked {
  const snapshot = (writing: KeptWriting) => {
    const whole = snapshotOf(writing);
    return anonymous ? { ...whole, body: withoutCredits(whole.body) } : whole;
  };
  return markChanges(changesBetween(snapshot(before), snapshot(after)));
}

function snapshotOf({ title, labels, beside, body }: KeptWriting) {
  return { title, labels, beside, body: openDocument(JSON.parse(body)) };
}
