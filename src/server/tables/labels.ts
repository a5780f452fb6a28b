import { labelKey } from '../../core/labels/labelKey';
import type { LabelInSet, LabelNotes } from '../../core/labels/labelSet';
import type { LabelChanges } from '../../core/labels/shownLabels';
import type { Database } from '../ground/database/database';
import { newId } from '../ground/database/newId';
import { textsFrom } from './columns';
import { LATEST_HAND_IN } from './latestHandIn';

const NO_NOTES: LabelNotes = { meaning: '', drawing: null };

export async function listLabelSet(database: Database, classId: string): Promise<readonly LabelInSet[]> {
  return database.rows<LabelInSet>(
    'SELECT name AS label, meaning, drawing FROM labels WHERE class_id = :classId ORDER BY name',
    { classId },
  );
}

/** The names of a class's labels. */
export async function listLabels(database: Database, classId: string): Promise<readonly string[]> {
  return (await listLabelSet(database, classId)).map(({ label }) => label);
}

export async function insertLabel(
  database: Database,
  classId: string,
  label: string,
  { meaning, drawing, broughtBy = null }: LabelNotes & { readonly broughtBy?: string | null } = NO_NOTES,
): Promise<void> {
  await database.change(
    `INSERT INTO labels (id, class_id, name, meaning, drawing, brought_by)
     VALUES (:id, :classId, :label, :meaning, :drawing, :broughtBy) ON DUPLICATE KEY UPDATE name = name`,
    { id: newId(), classId, label, meaning, drawing, broughtBy },
  );
}

/** Changes what a label is called and what is said of it. */
export async function updateLabel(
  database: Database,
  classId: string,
  { label, becomes, meaning, drawing }: LabelInSet & { readonly becomes: string },
): Promise<void> {
  await database.change(
    `UPDATE labels SET name = :becomes, meaning = :meaning, drawing = :drawing
     WHERE class_id = :classId AND name = :label`,
    { classId, label, becomes, meaning, drawing },
  );
}

/** Gives a class all the labels of another. */
export async function copyLabels(database: Database, from: string, to: string): Promise<void> {
  const others = await database.rows<LabelInSet & { readonly broughtBy: string | null }>(
    'SELECT name AS label, meaning, drawing, brought_by AS broughtBy FROM labels WHERE class_id = :from',
    { from },
  );
  for (const { label, ...notes } of others) await insertLabel(database, to, label, notes);
}

/** Takes a label out of the class's set; how many went. */
export async function deleteLabel(database: Database, classId: string, label: string): Promise<number> {
  return database.change('DELETE FROM labels WHERE class_id = :classId AND name = :label', {
    classId,
    label,
  });
}

/** What labels of a class are called now, by their keys. */
export async function findLabelChanges(database: Database, classId: string): Promise<LabelChanges> {
  const rows = await database.rows<{ label: string; becomes: string | null }>(
    'SELECT label, becomes FROM label_changes WHERE class_id = :classId',
    { classId },
  );
  return new Map(rows.map((row) => [labelKey(row.label), row.becomes]));
}

export async function recordLabelChange(
  database: Database,
  change: {
    readonly classId: string;
    readonly label: string;
    readonly becomes: string | null;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO label_changes (class_id, label, becomes, changed_at) VALUES (:classId, :label, :becomes, :at)
     ON DUPLICATE KEY UPDATE becomes = :becomes, changed_at = :at`,
    change,
  );
}

/** A label is itself again: whatever it became before is forgotten. */
export async function forgetLabelChange(database: Database, classId: string, label: string): Promise<void> {
  await database.change('DELETE FROM label_changes WHERE class_id = :classId AND label = :label', {
    classId,
    label,
  });
}

export interface ProposalRow {
  readonly label: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly proposedAt: Date;
}

/** Labels that wait for a teacher, the oldest first, with who used them first. */
export async function listProposals(database: Database, classId: string): Promise<readonly ProposalRow[]> {
  return database.rows(
    `SELECT label, given_name AS givenName, family_name AS familyName, proposed_at AS proposedAt
     FROM label_proposals JOIN posts ON posts.id = post_id JOIN people ON people.id = writer_id
     WHERE label_proposals.class_id = :classId ORDER BY proposed_at, label`,
    { classId },
  );
}

export async function insertProposal(
  database: Database,
  proposal: { readonly classId: string; readonly label: string; readonly postId: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO label_proposals (class_id, label, post_id, proposed_at)
     VALUES (:classId, :label, :postId, :at) ON DUPLICATE KEY UPDATE label = label`,
    proposal,
  );
}

export async function deleteProposal(database: Database, classId: string, label: string): Promise<number> {
  return database.change('DELETE FROM label_proposals WHERE class_id = :classId AND label = :label', {
    classId,
    label,
  });
}

/** The labels of every post's latest hand-in, for counting. */
export async function listLabelsInUse(
  database: Database,
  classId: string,
): Promise<readonly (readonly string[])[]> {
  const rows = await database.rows<{ labels: string }>(
    `SELECT revisions.labels FROM posts JOIN hand_ins ON ${LATEST_HAND_IN}
     JOIN revisions ON revisions.id = hand_ins.revision_id WHERE posts.class_id = :classId`,
    { classId },
  );
  return rows.map((row) => textsFrom(row.labels));
}
