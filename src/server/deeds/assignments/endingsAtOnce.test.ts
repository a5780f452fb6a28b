import { expect, test } from 'vitest';
import { as, freshHouse, setWork } from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { beginPost } from '../posts/beginPost';
import { deleteAssignment } from './deleteAssignment';
import { unsetAssignment } from './unsetAssignment';

const house = freshHouse({ atOnce: true });

test.each([0, 1, 2, 3, 4, 5])('beginning beside unsetting: one of the two, never both, %i', async () => {
  const assignmentId = await setWork(house);
  const [unset, ...begun] = await Promise.all([
    as(house, 'teacher', unsetAssignment, { assignmentId }),
    as(house, 'writer', beginPost, { assignmentId }),
    as(house, 'classmate', beginPost, { assignmentId }),
    as(house, 'editor', beginPost, { assignmentId }),
  ]);
  const [row] = await database.rows<{ isSet: number; posts: number }>(
    `SELECT set_at IS NOT NULL AS isSet, (SELECT COUNT(*) FROM posts WHERE assignment_id = :assignmentId) AS posts
     FROM assignments WHERE id = :assignmentId`,
    { assignmentId },
  );
  expect(row).toEqual({
    isSet: unset.ok ? 0 : 1,
    posts: begun.filter((one) => one.ok).length,
  });
  if (unset.ok) expect(row?.posts).toBe(0);
});

test('deleting four hundred times at once deletes once', async () => {
  const assignmentId = await setWork(house);
  const all = await Promise.all(
    Array.from({ length: 400 }, () => as(house, 'teacher', deleteAssignment, { assignmentId, posts: 0 })),
  );
  expect(all.filter((one) => one.ok)).toHaveLength(1);
  const jobs = await database.rows("SELECT id FROM jobs WHERE kind = 'eraseAssignment'");
  expect(jobs).toHaveLength(1);
});
