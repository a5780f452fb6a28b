import { addLabel as addLabelDeed } from '../../../contract/labels/addLabel';
import { changeLabel as changeLabelDeed } from '../../../contract/labels/changeLabel';
import { decideLabel as decideLabelDeed } from '../../../contract/labels/decideLabel';
import { labelKey } from '../../../core/labels/labelKey';
import { done, refused } from '../../ground/access/useCase';
import {
  deleteLabel,
  deleteProposal,
  forgetLabelChange,
  insertLabel,
  listLabelSet,
  listLabels,
  recordLabelChange,
  updateLabel,
} from '../../tables/labels';
import { classUseCase } from '../subjects/classUseCase';
import { renewShown } from '../subjects/renewShown';

export const addLabel = classUseCase(addLabelDeed, {
  async run({ classId, label: given }, _, { database, now }) {
    const fresh = given.trim();
    if ((await listLabels(database, classId)).some((one) => labelKey(one) === labelKey(fresh)))
      return refused('labels.thereAlready', 'label');
    await insertLabel(database, classId, fresh);
    await forgetLabelChange(database, classId, fresh);
    await deleteProposal(database, classId, fresh);
    await renewShown(database, { classId, postIds: null }, now);
    return done({});
  },
});

export const changeLabel = classUseCase(changeLabelDeed, {
  async run({ classId, label: old, becomes, ...given }, _, { database, now }) {
    const fresh = becomes?.trim() ?? null;
    const set = await listLabelSet(database, classId);
    const known = set.find((one) => one.label === old);
    if (!known) return refused('labels.gone', 'label');
    const { drawing = known.drawing } = given;
    const notes = { meaning: given.meaning?.trim() ?? known.meaning, drawing };
    if (fresh === old) {
      await updateLabel(database, classId, { label: old, becomes: old, ...notes });
      return done({});
    }
    const other = set.find(
      (one) => one !== known && fresh !== null && labelKey(one.label) === labelKey(fresh),
    )?.label;
    await recordLabelChange(database, { classId, label: old, becomes: other ?? fresh, at: now });
    if (fresh === null || other) await deleteLabel(database, classId, old);
    else {
      await updateLabel(database, classId, { label: old, becomes: fresh, ...notes });
      await forgetLabelChange(database, classId, fresh);
    }
    await renewShown(database, { classId, postIds: null }, now);
    return done({});
  },
});

export const decideLabel = classUseCase(decideLabelDeed, {
  async run({ classId, label: proposed, take }, _, { database, now }) {
    if ((await deleteProposal(database, classId, proposed)) === 0) return refused('labels.gone', 'label');
    if (take) await insertLabel(database, classId, proposed);
    else await recordLabelChange(database, { classId, label: proposed, becomes: null, at: now });
    await renewShown(database, { classId, postIds: null }, now);
    return done({});
  },
});
