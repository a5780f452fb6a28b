import { keepOwnLine as deed } from '../../../contract/gradebook/keepOwnLine';
import { isStudent } from '../../../core/access/may';
import { done, refused } from '../../ground/access/useCase';
import { listSomeMembers } from '../../tables/memberships';
import { findOwnLine, keepLine } from '../../tables/ownLines';
import { classUseCase } from '../subjects/classUseCase';

export const keepOwnLine = classUseCase(deed, {
  turn: true,
  async run({ classId, personId, words: typed, was }, _, { database, personId: teacherId, now }) {
    const [member] = await listSomeMembers(database, classId, [personId]);
    if (!member || !isStudent(member.role)) return refused('gradebook.nobody');
    const words = typed.trim();
    const of = { classId, teacherId, personId };
    const standing = await findOwnLine(database, of);
    if (standing !== was && standing !== words) return refused('gradebook.lineOtherwise', 'words');
    await keepLine(database, { ...of, words, at: now });
    return done(null);
  },
});
