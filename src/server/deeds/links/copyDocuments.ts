import type { Node } from 'prosemirror-model';
import { readHtml } from '../../../core/document/html/readHtml';
import { maybeWebAddress } from '../../../core/document/links';
import { nodesOfType } from '../../../core/document/nodesOfType';
import { plainText } from '../../../core/document/plainText';
import { database } from '../../ground/database/database';
import { guardedFetch, type Fetched } from '../../ground/fetching/guardedFetch';
import { insertDocumentCopy } from '../../tables/links';
import { openResultOf } from './openResult';

const DOCUMENT = { mostBytes: 2 * 1024 * 1024, patience: 15_000 };
/** Characters of a copy; what a class writes together is shorter. */
const MOST_TEXT = 200_000;

/** Keeps what the shared documents of a revision say now, those that a stranger could read. */
export async function copyDocuments(revisionId: string, body: Node, now: Date): Promise<void> {
  for (const { node } of nodesOfType(body, 'sharedDocument')) {
    const address = maybeWebAddress(String(node.attrs['address']));
    const text = address ? await readText(address) : null;
    if (address && text !== null)
      await insertDocumentCopy(database, { revisionId, address, text, copiedAt: now });
  }
}

async function readText(address: string): Promise<string | null> {
  const fetched = await guardedFetch(address, DOCUMENT);
  if (fetched.kind !== 'answered' || openResultOf(address, fetched) !== 'opens') return null;
  return textOf(fetched)?.slice(0, MOST_TEXT) ?? null;
}

/** The text of a page or of a plain text; null where it is something else. */
function textOf({ type, body }: Fetched & { readonly kind: 'answered' }): string | null {
  const written = body.toString('utf8');
  if (type === 'text/html' || type === 'application/xhtml+xml') return plainText(readHtml(written)).trim();
  return type === 'text/plain' || type === 'text/markdown' ? written.trim() : null;
}
