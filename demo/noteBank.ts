import { perform } from '../src/server/ground/access/perform';
import { newId } from '../src/server/ground/database/newId';
import { keepSentence } from '../src/server/deeds/noteBank/keepSentence';
import { takeSentence } from '../src/server/deeds/noteBank/takeSentence';
import { succeeded } from './succeeded';

/** What teachers of the demo class have said before, and would say again. */
const SAID: readonly (readonly [
  teacher: string,
  group: string,
  words: string,
  shared: boolean,
  uses: number,
])[] = [
  ['marisol', 'Noticing', 'What happened after that?', true, 5],
  ['marisol', 'Explaining', 'Say how you know it.', true, 3],
  ['marisol', 'Noticing', 'One thing a reader could hear or smell?', false, 2],
  ['marisol', '', 'This is clear, {name}. I could see it.', false, 0],
  ['idris', 'Explaining', 'Which came first, and how can you tell?', true, 4],
  ['idris', 'Writing for readers', 'Read this sentence out loud once.', true, 1],
];

interface Filling {
  readonly classId: string;
  /** By the keys of the demo. */
  readonly people: ReadonlyMap<string, string>;
  readonly now: Date;
}

/** Fills the note banks of the demo's teachers. */
export async function fillNoteBank({ classId, people, now }: Filling): Promise<void> {
  for (const [teacher, group, words, shared, uses] of SAID) {
    const asker = { personId: people.get(teacher) ?? '', now };
    const sentenceId = newId();
    succeeded(await perform(keepSentence, { classId, sentenceId, words, group, shared, version: 0 }, asker));
    for (let use = 0; use < uses; use += 1)
      succeeded(await perform(takeSentence, { classId, sentenceId }, asker));
  }
}
