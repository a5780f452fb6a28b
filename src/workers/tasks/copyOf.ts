import { openDocument } from '../../core/document/openDocument';
import type { Beside } from '../../core/posts/beside';
import { countedFor, type WordsAsked } from '../../core/requirements/countedFor';
import { copyOfRevision, type RevisionCopy } from '../../core/posts/revisionCopy';

interface Copying extends Pick<Beside, 'teaser' | 'cover'> {
  /** The body as JSON text. */
  readonly body: string;
  /** Null where nobody asked for it. */
  readonly asked: WordsAsked | null;
}

/** What is kept of a revision beside it. */
export function copyOf({ body, asked, ...beside }: Copying): RevisionCopy {
  return copyOfRevision(openDocument(JSON.parse(body)), beside, countedFor(asked));
}
