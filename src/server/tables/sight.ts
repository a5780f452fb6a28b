import type { Parameters } from '../ground/database/database';
import { idsFrom } from './idsFrom';
import { hasWords } from './searchTexts';
import type { Reach } from './shownPosts';

/** Which posts of a class somebody sees. */
export interface Sight {
  readonly classId: string;
  /** The circle of readers that they belong to; null for who sees nothing but the rest of this. */
  readonly circle: Reach | null;
  /** The present day by the class's clock. */
  readonly day: string;
  readonly personId: string | null;
  /** Whether they see what a worry keeps away; who wrote it does anyway. */
  readonly seesAway: boolean;
  /** Whether they see what they wrote although they are of a narrower circle. */
  readonly ownToo: boolean;
  /** Posts whose own passphrase they have shown. */
  readonly opened: readonly string[];
  /** Only some of them; absent for all. */
  readonly only?: Narrowed;
}

/** Which of the posts that somebody sees are asked for; what is absent narrows nothing. */
export interface Narrowed {
  /** The key of a label that they have. */
  readonly labelKey?: string;
  readonly assignmentId?: string;
  readonly writerId?: string;
  readonly from?: Date;
  readonly until?: Date;
  /** Words that stand in them, as `wordsAsked` says them. */
  readonly words?: string;
}

/** SQL: which rows of `shown_posts` somebody sees, one for each post, as `shown`. */
export function seen(sight: Sight): { readonly where: string; readonly parameters: Parameters } {
  const all = seenAtAll(sight);
  const {
    labelKey = null,
    assignmentId = null,
    writerId = null,
    from = null,
    until = null,
    words = null,
  } = sight.only ?? {};
  const narrower = [
    labelKey === null
      ? ''
      : `AND shown.post_id IN (SELECT post_id FROM shown_labels WHERE class_id = :classId AND label_key = :labelKey)`,
    assignmentId === null ? '' : 'AND shown.assignment_id = :assignmentId',
    writerId === null ? '' : 'AND shown.writer_id = :writerId',
    from === null ? '' : 'AND shown.shown_at >= :from',
    until === null ? '' : 'AND shown.shown_at < :until',
    words === null ? '' : `AND ${hasWords('shown')}`,
  ];
  return {
    where: `${all.where} ${narrower.join(' ')}`,
    parameters: { ...all.parameters, labelKey, assignmentId, writerId, from, until, words },
  };
}

function seenAtAll(sight: Sight): { readonly where: string; readonly parameters: Parameters } {
  const { classId, circle, day, personId, seesAway, ownToo, opened } = sight;
  const parameters = { classId, day, personId, circle, opened: JSON.stringify(opened) };
  const days = (rows: string) => `:day BETWEEN ${rows}.beyond_from AND ${rows}.beyond_until`;
  if (circle !== null && !ownToo && opened.length === 0) {
    const there = seesAway ? '' : `AND (NOT shown.away OR shown.writer_id <=> :personId)`;
    const allowed = circle === 'ourClass' ? '' : `AND ${days('shown')}`;
    return { where: `shown.class_id = :classId AND shown.reach = :circle ${there} ${allowed}`, parameters };
  }
  const ways = [
    ownToo ? 'shown.writer_id <=> :personId' : 'FALSE',
    `(NOT shown.away AND shown.audience <> 'ourClass' AND ${days('shown')}
      AND shown.post_id IN (SELECT id FROM ${idsFrom(':opened')} AS opened))`,
    `EXISTS (SELECT 1 FROM shown_posts AS wider WHERE wider.post_id = shown.post_id AND wider.reach <=> :circle
      AND NOT wider.away AND ${days('wider')})`,
  ];
  return {
    where: `shown.class_id = :classId AND shown.reach = 'ourClass' AND (${ways.join(' OR ')})`,
    parameters,
  };
}
