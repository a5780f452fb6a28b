import { namedInOpened } from './namedIn';
import { openDocument, type DocumentJson } from './openDocument';
import { plainText } from './plainText';

/** Whether a document says or shows anything at all. */
export function saysSomething(json: DocumentJson): boolean {
  const document = openDocument(json);
  const { handouts, pictures } = namedInOpened([document]);
  return plainText(document).trim() !== '' || handouts.length > 0 || pictures.length > 0;
}
