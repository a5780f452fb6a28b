import type { Node } from 'prosemirror-model';
import { readersHtml } from '../document/html/readersHtml';
import { nodesOfType } from '../document/nodesOfType';
import { openDocument, type DocumentJson } from '../document/openDocument';
import { pictures } from '../document/pictures';
import { plainText } from '../document/plainText';

/** A post that shows what is meant. */
export interface ModelPost {
  readonly title: string;
  readonly body: DocumentJson;
}

/** What a teacher writes for students to read: what is to be done, and perhaps a model of it. */
export interface LessonText {
  readonly instructions: DocumentJson;
  readonly model: ModelPost | null;
}

/** Instructions before anything is written. */
export const NO_INSTRUCTIONS: DocumentJson = { type: 'doc', content: [{ type: 'paragraph' }] };

/** Instructions from plain text, a paragraph for each line that has any. */
export function instructionsFrom(text: string): DocumentJson {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  if (lines.length === 0) return NO_INSTRUCTIONS;
  return {
    type: 'doc',
    content: lines.map((line) => ({ type: 'paragraph', content: [{ type: 'text', text: line.trim() }] })),
  };
}

/** Whether a document says or shows anything at all. */
export function saysSomething(json: DocumentJson): boolean {
  const document = openDocument(json);
  return plainText(document).trim() !== '' || pictures(document).length > 0 || filesIn(document).length > 0;
}

/** The ids of the files and pictures that a lesson's documents name. */
export function comesWith({ instructions, model }: LessonText): {
  readonly handouts: readonly string[];
  readonly pictures: readonly string[];
} {
  const documents = [instructions, ...(model ? [model.body] : [])].map(openDocument);
  return {
    handouts: [...new Set(documents.flatMap(filesIn))],
    pictures: [
      ...new Set(
        documents.flatMap((document) => [
          ...pictures(document).map((picture) => picture.src),
          ...nodesOfType(document, 'video').map(({ node }) => String(node.attrs['still'])),
        ]),
      ),
    ].filter(Boolean),
  };
}

function filesIn(document: Node): readonly string[] {
  return nodesOfType(document, 'attachment')
    .map(({ node }) => String(node.attrs['file']))
    .filter(Boolean);
}

/** A lesson's text as students read it, as HTML. */
export interface LessonShown {
  readonly instructions: string;
  readonly model: { readonly title: string; readonly html: string } | null;
}

export function showLesson({ instructions, model }: LessonText): LessonShown {
  return {
    instructions: readersHtml(openDocument(instructions)),
    model: model && { title: model.title, html: readersHtml(openDocument(model.body)) },
  };
}
