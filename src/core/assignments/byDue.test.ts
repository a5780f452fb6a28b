import { expect, test } from 'vitest';
import { byDue } from './byDue';

test('what is due next comes first, what was due after it, what has no day at the end of each', () => {
  const work = [
    { past: true, dueDate: '2026-11-10' },
    { past: false, dueDate: null },
    { past: false, dueDate: '2026-11-26' },
    { past: true, dueDate: '2026-11-03' },
    { past: false, dueDate: '2026-11-19' },
  ];
  expect(work.toSorted(byDue).map((one) => one.dueDate)).toEqual([
    '2026-11-19',
    '2026-11-26',
    null,
    '2026-11-03',
    '2026-11-10',
  ]);
});
