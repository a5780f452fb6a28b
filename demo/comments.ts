import { decideComment } from '../src/server/deeds/comments/decideComment';
import { writeComment } from '../src/server/deeds/comments/writeComment';
import { addDays, instantOf, localDate } from '../src/core/timing/zonedTime';
import { perform } from '../src/server/ground/access/perform';
import { database } from '../src/server/ground/database/database';
import { TIME_ZONE } from './insertClasses';
import { succeeded } from './succeeded';

const HOUR = 60 * 60_000;

interface Said {
  readonly by: string;
  /** The address of the post. */
  readonly under: string;
  readonly daysAgo: number;
  readonly clock: string;
  readonly text: string;
  /** Whether it was kept back since. */
  readonly keptBack?: true;
}

const CUP = '1-build-a-wind-cup-from-yoghurt-pots';
const RING = '2-the-ring-around-the-sun-was-right';
const SAID: readonly Said[] = [
  {
    by: 'greta',
    under: CUP,
    daysAgo: 3,
    clock: '16:05',
    text: 'Mine turned at once, but only when I let the nail stand a little crooked.',
  },
  {
    by: 'anouk',
    under: CUP,
    daysAgo: 3,
    clock: '18:40',
    text: 'Then yours has found the trick that I had to saw for!',
  },
  {
    by: 'milo',
    under: CUP,
    daysAgo: 2,
    clock: '15:12',
    text: 'FIRST TO FINISH ALL THE STEPS!!',
    keptBack: true,
  },
  {
    by: 'marisol',
    under: CUP,
    daysAgo: 2,
    clock: '17:30',
    text: 'Which wind did it turn in for the first time? I should like to know the date.',
  },
  {
    by: 'lior',
    under: CUP,
    daysAgo: 1,
    clock: '16:22',
    text: 'My cousin has a real one on her roof, it has three cups and not four. You can ring her on 01632 960144, she likes being asked.',
  },
  {
    by: 'oona',
    under: CUP,
    daysAgo: 1,
    clock: '19:03',
    text: 'There is one that you can look at on www.cup-wheels.example and it has wooden spoons!',
  },
  {
    by: 'dara',
    under: RING,
    daysAgo: 2,
    clock: '16:48',
    text: 'I saw the ring too and nobody at home believed me.',
  },
  {
    by: 'bea',
    under: RING,
    daysAgo: 2,
    clock: '19:20',
    text: 'Next time we both write it down, then there are two of us.',
  },
];

/** What the class says under two of its posts: some of it waits until somebody has read it. */
export async function letDemoComment(people: ReadonlyMap<string, string>, now: Date): Promise<void> {
  for (const { by, under, daysAgo, clock, text, keptBack } of SAID) {
    const [post] = await database.rows<{ id: string }>('SELECT id FROM posts WHERE address = :under', {
      under,
    });
    const day = addDays(localDate(now.getTime(), TIME_ZONE), -daysAgo);
    const moment = new Date(instantOf(`${day}T${clock}`, TIME_ZONE));
    const asker = { personId: people.get(by) ?? '', now: moment };
    const { commentId } = succeeded(await perform(writeComment, { postId: post?.id ?? '', text }, asker));
    if (!keptBack) continue;
    const teacher = { personId: people.get('marisol') ?? '', now: new Date(moment.getTime() + HOUR) };
    const decision = { commentId, version: 1, state: 'keptBack', keptFor: 'other' } as const;
    succeeded(await perform(decideComment, decision, teacher));
  }
}
