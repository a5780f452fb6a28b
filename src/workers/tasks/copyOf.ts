import { openDocument } from '../../core/document/openDocument';
import type { Beside } from '../../core/posts/beside';
import { copyOfRevision, type RevisionCopy } from '../../core/posts/revisionCopy';

interface Copying extends Pick<Beside, 'teaser' | 'cover'> {
  /** The body as JSON text. */
  readonly body: string;
}

/** What is kept of a revision beside it. */
export function copyOf({ body, ...beside }: Copying): RevisionCopy {
  return copyOfRevision(openDocument(JSON.parse(body)), beside);
}
