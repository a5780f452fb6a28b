import { readersHtml } from '../document/html/readersHtml';
import { namedIn, type NamedInDocuments } from '../document/namedIn';
import { openDocument, type DocumentJson } from '../document/openDocument';

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

/** The files and pictures that a lesson comes with. */
export function comesWith({ instructions, model }: LessonText): NamedInDocuments {
  return namedIn([instructions, ...(model ? [model.body] : [])]);
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
