import type { Passage } from '../../core/notes/passage';
import { rangeOf, type PageText } from './pageText';

/** Chooses a passage on the page, as if by hand, and brings it into sight. */
export function showPassage(page: PageText, passage: Passage): void {
  const range = rangeOf(page, passage);
  if (!range) {
    // Nothing to choose: a picture without words.
    page.lines.find(({ to }) => to >= passage.from)?.element.scrollIntoView({ block: 'center' });
    return;
  }
  range.startContainer.parentElement?.scrollIntoView({ block: 'center' });
  const selection = window.getSelection();
  selection?.removeAllRanges();
  selection?.addRange(range);
}
