import fc from 'fast-check';
import { expect, test } from 'vitest';
import { allStarters, readStarters } from './starters';

const TYPED = 'I noticed that …\n\nTo explain:\n This happens because …\nTo end:\nNext time I will …';

test('a line with a colon begins a group', () => {
  expect(readStarters(TYPED)).toEqual([
    { when: '', starters: ['I noticed that …'] },
    { when: 'To explain', starters: ['This happens because …'] },
    { when: 'To end', starters: ['Next time I will …'] },
  ]);
  expect(allStarters(readStarters(TYPED))).toHaveLength(3);
});

test('every line is in one group, as its starter or as when to use it', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom('a', 'b …', 'To begin:', '', ' c ')), (lines) => {
      const groups = readStarters(lines.join('\n'));
      const written = groups.flatMap(({ when, starters }) => [...(when ? [`${when}:`] : []), ...starters]);
      expect(written).toEqual(lines.map((line) => line.trim()).filter(Boolean));
    }),
  );
});
