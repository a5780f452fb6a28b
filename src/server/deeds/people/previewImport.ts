import { previewImport as deed } from '../../../contract/people/previewImport';
import { done } from '../../ground/access/useCase';
import { classUseCase } from '../subjects/classUseCase';
import { planImport } from './planImport';
import { readSource } from './rosterSource';

export const previewImport = classUseCase(deed, {
  async run({ classId, source, same, another }, _, { database, personId }) {
    const read = await readSource(source, personId);
    if (!read.ok) return read;
    return done(await planImport(database, classId, read.value, { same, another, by: personId }));
  },
});
