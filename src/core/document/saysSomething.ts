import { namedIn } from './namedIn';
import { openDocument, type DocumentJson } from './openDocument';
import { plainText } from './plainText';

/** Whether a document says or shows anything at all. */
export function saysSomething(json: DocumentJson): boolean {
  const { handouts, pictures } = namedIn([json]);
  return plainText(openDocument(json)).trim() !== '' || handouts.length > 0 || pictures.length > 0;
}
