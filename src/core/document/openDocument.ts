import type { Node } from 'prosemirror-model';
import { isWithinBounds } from './bounds';
import { DOCUMENT_VERSION, documentSchema } from './schema';

/** A document as it is stored and sent: plain JSON in the form of `documentSchema`. */
export interface DocumentJson {
  readonly type: string;
  readonly attrs?: Readonly<Record<string, unknown>>;
  readonly content?: readonly DocumentJson[];
  readonly marks?: readonly { readonly type: string; readonly attrs?: Readonly<Record<string, unknown>> }[];
  readonly text?: string;
}

export type OpenedDocument =
  | { readonly ok: true; readonly document: Node }
  | { readonly ok: false; readonly reason: 'form' | 'version' | 'bounds' };

/** Steps from one version of the document form to the next; the key is the version that a step starts from. */
const MIGRATIONS: Readonly<Record<number, (json: DocumentJson) => DocumentJson>> = {};

/**
 * Brings stored or received JSON up to the present version and checks every node, mark and attribute.
 * A document without a version is read as version 1; one from a later version than ours is refused.
 */
export function maybeOpenDocument(json: unknown): OpenedDocument {
  if (typeof json !== 'object' || json === null) return { ok: false, reason: 'form' };
  if (!isWithinBounds(json)) return { ok: false, reason: 'bounds' };
  const migrated = migrate(json);
  if (!migrated) return { ok: false, reason: 'version' };
  try {
    const document = documentSchema.nodeFromJSON(migrated);
    document.check();
    return document.type.name === 'doc' ? { ok: true, document } : { ok: false, reason: 'form' };
  } catch (error) {
    // fromJSON and check answer every fault with one of these.
    if (error instanceof RangeError || error instanceof TypeError) return { ok: false, reason: 'form' };
    throw error;
  }
}

/** Like `maybeOpenDocument`, for JSON that we stored ourselves. @throws RangeError where it does not check. */
export function openDocument(json: unknown): Node {
  const opened = maybeOpenDocument(json);
  if (!opened.ok) throw new RangeError(`stored document cannot be opened: ${opened.reason}`);
  return opened.document;
}

/** A new post's body: one empty paragraph. */
export function emptyDocument(): Node {
  return documentSchema.node('doc', null, [documentSchema.node('paragraph')]);
}

/** A new post's body: the headings of a starter outline, each with an empty paragraph; without one, one paragraph. */
export function outlineDocument(outline: readonly string[]): Node {
  if (outline.length === 0) return emptyDocument();
  const blocks = outline.flatMap((heading) => [
    documentSchema.node('heading', { level: 2, outline: true }, documentSchema.text(heading)),
    documentSchema.node('paragraph'),
  ]);
  return documentSchema.node('doc', null, blocks);
}

function migrate(json: object): DocumentJson | null {
  let document: DocumentJson = json as DocumentJson;
  let version = versionOf(document);
  if (version > DOCUMENT_VERSION) return null;
  while (version < DOCUMENT_VERSION) {
    const step = MIGRATIONS[version];
    if (!step) return null;
    document = step(document);
    version += 1;
  }
  return document;
}

function versionOf(json: DocumentJson): number {
  const version = json.attrs?.['version'];
  return typeof version === 'number' ? version : 1;
}
