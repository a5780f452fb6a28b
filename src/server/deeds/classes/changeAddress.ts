import { changeAddress as deed } from '../../../contract/classes/changeAddress';
import { done, refused } from '../../ground/access/useCase';
import { insertAddress, updateClassAddress } from '../../tables/classAddresses';
import { classUseCase } from '../subjects/classUseCase';
import { examineAddress } from './checkAddress';

export const changeAddress = classUseCase(deed, {
  async run({ classId, address }, inClass, { database, now }) {
    const { problem } = await examineAddress(database, address, inClass, now);
    if (problem) return refused(`class.address.${problem}`, 'address');
    await insertAddress(database, { classId, address, since: now });
    await updateClassAddress(database, classId, address);
    return done(null);
  },
});
