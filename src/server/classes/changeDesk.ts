import { deskRuleFields, type DeskRules } from '../../core/classes/deskRules';
import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateDesk } from './queries';

/** Says how the class's writers work: with one next thing, with labels that wait, with links in the same tab. */
export const changeDesk = classUseCase<DeskRules & { readonly classId: string }, object>({
  name: 'changeDesk',
  action: 'class.change',
  fields: deskRuleFields,
  async run({ classId, ...desk }, _, { database }) {
    await updateDesk(database, classId, desk);
    return done({});
  },
});
