import { plainText } from '../src/core/document/plainText';
import { anchorOf } from '../src/core/notes/anchor';
import { takePeerTexts } from '../src/server/deeds/chores/drawPeers';
import { keepPeerRule } from '../src/server/deeds/peerReading/keepPeerRule';
import { makePeerGroups } from '../src/server/deeds/peerReading/makePeerGroups';
import { givePeerReading, keepPeerWords, openPeerReading } from '../src/server/deeds/peerReading/sayToWriter';
import { perform } from '../src/server/ground/access/perform';
import { database } from '../src/server/ground/database/database';
import { openStored } from '../src/server/tables/columns';
import { findPeerReading, listPeerReadings } from '../src/server/tables/peerReadings';
import { findRevision } from '../src/server/tables/revisions';
import { succeeded } from './succeeded';

const MINUTE = 60_000;
/** How long ago groups were made; their texts were taken five minutes later. */
const MADE = 200 * MINUTE;
const TAKEN = 195 * MINUTE;
const SAID = 150 * MINUTE;

interface Saying {
  readonly reader: string;
  readonly writer: string;
  readonly answers: readonly string[];
  readonly notes: readonly { readonly passage: string; readonly words: string }[];
  readonly given: boolean;
}

const SAYINGS: readonly Saying[] = [
  {
    reader: 'elke',
    writer: 'ilse',
    answers: [
      'The knee leaning on the barometer. I could see it at once.',
      'Who is great-aunt to the barometer?',
    ],
    notes: [{ passage: 'little white heaps', words: 'How many? I saw them too and they grew until four.' }],
    given: true,
  },
  {
    reader: 'casimir',
    writer: 'elke',
    answers: ['The gulls sitting down on the water.'],
    notes: [
      { passage: 'one long grey thought', words: 'This is my favourite. Does the third brother get a sky?' },
    ],
    given: false,
  },
];

/** Who write about three skies read each other since this morning: one is done, one is still reading. */
export async function letDemoRead({
  people,
  assignmentId,
  now,
}: {
  readonly people: ReadonlyMap<string, string>;
  readonly assignmentId: string;
  readonly now: Date;
}): Promise<void> {
  const ago = (time: number) => new Date(now.getTime() - time);
  const teacher = { personId: people.get('marisol') ?? '', now: ago(MADE) };
  const questions = ['What could you see best?', 'Where did you stop and wonder?'];
  succeeded(
    await perform(keepPeerRule, { assignmentId, size: 3, questions, named: true, at: null }, teacher),
  );
  const { roundId } = succeeded(await perform(makePeerGroups, { assignmentId }, teacher));
  await takePeerTexts({ roundId }, '', ago(TAKEN));
  const readings = await listPeerReadings(database, roundId);
  for (const { reader, writer, answers, notes, given } of SAYINGS) {
    const asker = { personId: people.get(reader) ?? '', now: ago(SAID) };
    const writerId = people.get(writer);
    const readingId =
      readings.find((one) => one.readerId === asker.personId && one.writerId === writerId)?.id ?? '';
    succeeded(await perform(openPeerReading, { readingId }, asker));
    const text = await textOf(readingId);
    for (const [question, words] of answers.entries())
      succeeded(
        await perform(keepPeerWords, { readingId, name: String(question), anchor: null, words }, asker),
      );
    for (const [place, { passage, words }] of notes.entries()) {
      const from = text.indexOf(passage);
      if (from < 0) throw new RangeError(`no passage “${passage}” in what ${writer} wrote`);
      const anchor = anchorOf(text, { from, to: from + passage.length });
      succeeded(await perform(keepPeerWords, { readingId, name: noteName(place), anchor, words }, asker));
    }
    if (given) succeeded(await perform(givePeerReading, { readingId }, asker));
  }
}

/** The name of a note is drawn by the page where it is written; here it is its place. */
const noteName = (place: number): string => String(place).padStart(16, 'd');

async function textOf(readingId: string): Promise<string> {
  const reading = await findPeerReading(database, readingId);
  const revision = reading?.revisionId ? await findRevision(database, reading.revisionId) : null;
  return revision ? plainText(openStored(revision.body)) : '';
}
