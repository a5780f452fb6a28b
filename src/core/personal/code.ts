import type { Place } from './found';
import { placesOf } from './found';

const FENCED = /```[\s\S]*?(?:```|$)/g;
const TICKED = /`[^`\n]+`/g;
/** A line of `@…` directly above a definition. */
const DECORATOR =
  /^[ \t]*@[^\n]*(?=\n[ \t]*(?:(?:async |export |public |private )*(?:def|class|function|fn|func)\b|@))/gm;

/** What of a text is code: fenced, in back-ticks, or a decorator above a definition. */
export function codeIn(text: string): readonly Place[] {
  return [FENCED, TICKED, DECORATOR].flatMap((pattern) => placesOf(text, pattern));
}
