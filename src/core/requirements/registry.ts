import type { RequirementKind } from './kind';
import { comments } from './kinds/comments';
import { cover } from './kinds/cover';
import { document } from './kinds/document';
import { entries } from './kinds/entries';
import { judged } from './kinds/judged';
import { labels } from './kinds/labels';
import { links } from './kinds/links';
import { ownWords } from './kinds/ownWords';
import { paragraphs } from './kinds/paragraphs';
import { parts } from './kinds/parts';
import { pictures } from './kinds/pictures';
import { quotations } from './kinds/quotations';
import { readingLevel } from './kinds/readingLevel';
import { selfCheck } from './kinds/selfCheck';
import { spelling } from './kinds/spelling';
import { starters } from './kinds/starters';
import { table } from './kinds/table';
import { teaser } from './kinds/teaser';
import { title } from './kinds/title';
import { video } from './kinds/video';
import { words } from './kinds/words';

/** Every kind of requirement there is, in the order in which a teacher is offered them. */
const KINDS = {
  words,
  paragraphs,
  title,
  parts,
  starters,
  pictures,
  cover,
  video,
  links,
  document,
  quotations,
  table,
  entries,
  labels,
  teaser,
  spelling,
  readingLevel,
  ownWords,
  comments,
  judged,
  selfCheck,
};

/** What a kind is called. */
type RequirementKindName = keyof typeof KINDS;

/** Something for each kind: where one is missing, it does not compile. */
export type ForEachKind<Value> = Readonly<Record<RequirementKindName, Value>>;

export const REQUIREMENT_KINDS = Object.values(KINDS);

/**
 * The kind of that name, or null. Its settings are typed loosely here: whoever asks has checked them
 * against `requirementSchema`.
 */
export function findRequirementKind(name: string): RequirementKind<unknown> | null {
  return BY_NAME.get(name) ?? null;
}

const BY_NAME: ReadonlyMap<string, RequirementKind<unknown>> = new Map(
  REQUIREMENT_KINDS.map((kind) => [kind.kind, kind as RequirementKind<unknown>]),
);
