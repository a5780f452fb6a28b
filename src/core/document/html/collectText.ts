import { Fragment, type Mark, type Node } from 'prosemirror-model';
import { documentSchema } from '../schema';

/** Gathers the inline content of one block the way HTML shows it: white space folded, none at either end. */
export class TextCollector {
  private readonly parts: Node[] = [];
  private lastKept = false;
  /** Whether the last thing gathered ends in white space, so that a further one is folded away. */
  private spaced = true;

  /** @param asItIs true for text whose white space is kept, every sign of it */
  text(text: string, marks: readonly Mark[], asItIs = false): void {
    let folded = asItIs ? text : text.replace(/[ \t\n\r\f]+/g, ' ');
    if (this.spaced && !asItIs) folded = folded.replace(/^ /, '');
    if (!folded) return;
    this.spaced = folded.endsWith(' ');
    this.lastKept = asItIs;
    this.parts.push(documentSchema.text(folded, marks));
  }

  lineBreak(marks: readonly Mark[]): void {
    this.parts.push(documentSchema.nodes.hardBreak.create(null, null, marks));
    this.spaced = true;
  }

  fragment(): Fragment {
    const last = this.parts.at(-1);
    if (!this.lastKept && last?.isText && last.text?.endsWith(' ')) {
      this.parts.pop();
      const trimmed = last.text.slice(0, -1);
      if (trimmed) this.parts.push(documentSchema.text(trimmed, last.marks));
    }
    return Fragment.fromArray(this.parts);
  }
}
