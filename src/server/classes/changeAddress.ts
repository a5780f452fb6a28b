import { changeAddress as deed } from '../../contract/classes/changeAddress';
import { done, refused } from '../access/useCase';
import { examineAddress } from './checkAddress';
import { classUseCase } from './classUseCase';
import { insertAddress, updateClassAddress } from './queries';

export const changeAddress = classUseCase(deed, {
  async run({ classId, address }, inClass, { database, now }) {
    const { problem } = await examineAddress(database, address, inClass, now);
    if (problem) return refused(`class.address.${problem}`, 'address');
    await insertAddress(database, { classId, address, since: now });
    await updateClassAddress(database, classId, address);
    return done(null);
  },
});
