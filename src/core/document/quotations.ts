import type { Node } from 'prosemirror-model';
import { blockText } from './plainText';

/** Whether a quotation says where it is from. */
export function hasSource(quotation: Node): boolean {
  const last = quotation.lastChild;
  return last?.type.name === 'quoteSource' && blockText(last).trim() !== '';
}
