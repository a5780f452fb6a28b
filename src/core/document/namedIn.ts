import type { Node } from 'prosemirror-model';
import { nodesOfType } from './nodesOfType';
import { openDocument, type DocumentJson } from './openDocument';
import { pictures } from './pictures';

/** The ids of what documents name without holding it. */
export interface NamedInDocuments {
  readonly handouts: readonly string[];
  /** Stills of videos among them. */
  readonly pictures: readonly string[];
}

/** The files and pictures that some documents name, each once. */
export function namedIn(documents: readonly DocumentJson[]): NamedInDocuments {
  return namedInOpened(documents.map(openDocument));
}

/** The same for documents that are open already. */
export function namedInOpened(opened: readonly Node[]): NamedInDocuments {
  return {
    handouts: [...new Set(opened.flatMap(filesIn))],
    pictures: [...new Set(opened.flatMap(picturesIn))],
  };
}

function filesIn(document: Node): readonly string[] {
  return nodesOfType(document, 'attachment')
    .map(({ node }) => String(node.attrs['file']))
    .filter(Boolean);
}

function picturesIn(document: Node): readonly string[] {
  const stills = nodesOfType(document, 'video').map(({ node }) => String(node.attrs['still']));
  return [...pictures(document).map((picture) => picture.src), ...stills].filter(Boolean);
}
