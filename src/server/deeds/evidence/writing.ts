import type { Node } from 'prosemirror-model';
import type { SentWriting } from '../../../contract/posts/writing';
import { maybeOpenDocument } from '../../../core/document/openDocument';
import { nodesOfType } from '../../../core/document/nodesOfType';
import { pictures } from '../../../core/document/pictures';
import { NOTHING_BESIDE, type Beside } from '../../../core/posts/beside';
import type { PictureNamed, Writing } from '../../tables/writings';
import { openStored } from '../../tables/columns';

/** What is stored of what was sent, or null where the document is none of our schema. */
export function maybeWriting(sent: SentWriting): Writing | null {
  const opened = maybeOpenDocument(sent.body);
  if (!opened.ok) return null;
  return {
    title: sent.title,
    labels: [...new Set(sent.labels)],
    beside: { ...NOTHING_BESIDE, ...sent.beside },
    body: JSON.stringify(opened.document.toJSON()),
  };
}

/**
 * The pictures that a stored writing shows, its cover and the stills of its videos among them, with what is said of them; each
 * once: where it first stands.
 */
export function picturesNamed({ body, beside }: Writing): readonly PictureNamed[] {
  return picturesIn(openStored(body), beside);
}

/** The same for a document that is open. */
export function picturesIn(document: Node, beside: Beside): readonly PictureNamed[] {
  const bare = (id: string, description = '') => ({ id, description, caption: '', credit: '', licence: '' });
  const named = [
    ...pictures(document).map(({ src, ...said }) => ({ ...bare(src), ...picked(said) })),
    ...nodesOfType(document, 'video').map(({ node }) => bare(String(node.attrs['still']))),
    ...(beside.cover ? [bare(beside.cover.src, beside.cover.description)] : []),
  ];
  const first = new Map<string, PictureNamed>();
  for (const picture of named) if (picture.id && !first.has(picture.id)) first.set(picture.id, picture);
  return [...first.values()];
}

function picked({
  description,
  caption,
  credit,
  licence,
}: Omit<PictureNamed, 'id'>): Omit<PictureNamed, 'id'> {
  return { description, caption, credit, licence };
}
