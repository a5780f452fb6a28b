import { perform } from '../src/server/ground/access/perform';
import { nameForDuty } from '../src/server/deeds/administration/nameForDuty';
import { changePromise } from '../src/server/deeds/worries/changePromise';
import { worryAboutHandIn } from '../src/server/deeds/worries/worryAboutHandIn';
import { succeeded } from './succeeded';

const HOUR = 3_600_000;
const NAMED = [
  ['safetyPerson', 'rosa'],
  ['deputy', 'nia'],
  ['head', 'odile'],
] as const;

interface Demo {
  readonly people: ReadonlyMap<string, string>;
  readonly now: Date;
}

/** Names who looks after worries at the demo's school, and says what is told to whoever tells one. */
export async function nameForWorries({ people, now }: Demo): Promise<void> {
  const administrator = { personId: people.get('wilma') ?? '', now };
  for (const [duty, key] of NAMED)
    succeeded(await perform(nameForDuty, { duty, personId: people.get(key) ?? null }, administrator));
  const help = 'If you want to talk before then: the room by the hall is open at every break.';
  succeeded(await perform(changePromise, { minutes: 15 * 60, help }, administrator));
}

/** Tells a worry about a hand-in, as another teacher of the class. */
export async function tellDemoWorry({
  people,
  postId,
  words,
  now,
}: Demo & { readonly postId: string; readonly words: string }): Promise<void> {
  const teller = { personId: people.get('idris') ?? '', now: new Date(now.getTime() - 2 * HOUR) };
  succeeded(await perform(worryAboutHandIn, { postId, words }, teller));
}
