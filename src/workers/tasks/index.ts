/** What is done in threads beside the one that answers everybody: whatever takes long, or may. Each is a plain function. */
export { compare, compareInText } from './compare';
export { copyOf } from './copyOf';
export { findDetails } from './findDetails';
export { gradebookFigures } from './gradebookFigures';
export { gradesOf } from './gradesOf';
export { measure } from './measure';
export { alikeAmong, compareOwnWords, ownWordsOf } from './ownWords';
export { originOf } from './originOf';
export { passagesAt } from './passagesAt';
export { readFile } from './readFile';
export { readSource } from './readSource';
export { readRoster } from './readRoster';
export { hash, verify } from './secrets';
export { searchWords } from './searchWords';
export { withoutCredits } from './withoutCredits';
