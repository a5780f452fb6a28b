import { expect, test } from 'vitest';
import { readMarkdown } from '../document/readMarkdown';
import { bareStarter, usesByStarter } from './starterUses';

const OFFERED = { starters: ['I noticed that …', 'Next time I will …', 'Nobody knew …'], outline: [] };

test('every use of a starter is found under it, those that were left unfinished told apart', () => {
  const post = readMarkdown(
    'I noticed that it rained.\n\nNext time I will …\n\nWhen I noticed that, I noticed that …',
  );
  const uses = usesByStarter(post, OFFERED);
  const told = OFFERED.starters.map((starter) =>
    (uses.get(bareStarter(starter)) ?? []).map((use) => (use.unfinished ? 'unfinished' : 'used')),
  );
  expect(told).toEqual([['used', 'used', 'unfinished'], ['unfinished'], []]);
  expect([...uses.values()].flat().map(({ from }) => post.nodeAt(from)?.type.name)).toEqual(
    Array(4).fill('paragraph'),
  );
});
