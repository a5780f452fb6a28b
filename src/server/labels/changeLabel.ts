import { LABEL_DRAWINGS, type LabelDrawing } from '../../core/posts/labelSet';
import { labelKey } from '../../core/requirements/kinds/labels';
import { done, refused } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import {
  deleteLabel,
  deleteProposal,
  forgetLabelChange,
  insertLabel,
  listLabelSet,
  listLabels,
  recordLabelChange,
  updateLabelNotes,
} from './queries';

const MOST_MEANING = 120;
const label = { type: 'string', minLength: 1, maxLength: 60, pattern: '\\S' } as const;

/** Adds a label to the class's set. */
export const addLabel = classUseCase<{ readonly classId: string; readonly label: string }, object>({
  name: 'addLabel',
  action: 'class.change',
  fields: { label },
  async run({ classId, label: given }, _, { database }) {
    const fresh = given.trim();
    if ((await listLabels(database, classId)).some((one) => labelKey(one) === labelKey(fresh)))
      return refused('labels.thereAlready', 'label');
    await insertLabel(database, classId, fresh);
    await forgetLabelChange(database, classId, fresh);
    await deleteProposal(database, classId, fresh);
    return done({});
  },
});

interface ChangeInput {
  readonly classId: string;
  readonly label: string;
  /** The new name; that of another label merges the two; null takes it away. */
  readonly becomes: string | null;
  /** What it is given to, in a few words; left out where that stays as it is. */
  readonly meaning?: string;
  /** The drawing beside it, or none; left out where that stays as it is. */
  readonly drawing?: LabelDrawing | null;
}

/**
 * Renames a label of the class, says what it is given to and draws it, merges it into another, or takes it away. What was handed in keeps
 * its own words.
 */
export const changeLabel = classUseCase<ChangeInput, object>({
  name: 'changeLabel',
  action: 'class.change',
  fields: {
    label,
    becomes: { anyOf: [label, { type: 'null' }] },
    meaning: { type: 'string', maxLength: MOST_MEANING },
    drawing: { anyOf: [{ enum: LABEL_DRAWINGS }, { type: 'null' }] },
  },
  optional: ['meaning', 'drawing'],
  async run({ classId, label: old, becomes, ...given }, _, { database, now }) {
    const fresh = becomes?.trim() ?? null;
    const set = await listLabelSet(database, classId);
    const known = set.find((one) => one.label === old);
    if (!known) return refused('labels.gone', 'label');
    const { drawing = known.drawing } = given;
    const notes = { meaning: given.meaning?.trim() ?? known.meaning, drawing };
    if (fresh === old) {
      await updateLabelNotes(database, classId, { label: old, ...notes });
      return done({});
    }
    await deleteLabel(database, classId, old);
    const other = set.find(
      (one) => one !== known && fresh !== null && labelKey(one.label) === labelKey(fresh),
    )?.label;
    await recordLabelChange(database, { classId, label: old, becomes: other ?? fresh, at: now });
    if (fresh !== null && !other) {
      await insertLabel(database, classId, fresh, notes);
      await forgetLabelChange(database, classId, fresh);
    }
    return done({});
  },
});

interface DecideInput {
  readonly classId: string;
  readonly label: string;
  readonly take: boolean;
}

/** Takes a proposed label into the class's set, or declines it: readers are not shown it then. */
export const decideLabel = classUseCase<DecideInput, object>({
  name: 'decideLabel',
  action: 'class.change',
  fields: { label, take: { type: 'boolean' } },
  async run({ classId, label: proposed, take }, _, { database, now }) {
    if ((await deleteProposal(database, classId, proposed)) === 0) return refused('labels.gone', 'label');
    if (take) await insertLabel(database, classId, proposed);
    else await recordLabelChange(database, { classId, label: proposed, becomes: null, at: now });
    return done({});
  },
});
