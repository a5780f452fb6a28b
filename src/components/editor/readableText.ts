import { maybeOpenDocument } from '../../core/document/openDocument';
import { plainText } from '../../core/document/plainText';
import type { Writing } from './composeProps';

/** The words of a writing, to compare two versions by eye. */
export function readableText(writing: Writing): string {
  const opened = maybeOpenDocument(writing.body);
  return opened.ok ? plainText(opened.document) : '';
}
