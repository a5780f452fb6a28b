import type { Audience } from '../src/core/access/audience';

/** A page of the demo's class blog. */
interface DemoPage {
  readonly title: string;
  /** Null for one that is not shown yet. */
  readonly audience: Exclude<Audience, 'writerAndTeachers'> | null;
  readonly daysAgo: number;
  /** Markdown. */
  readonly text: string;
}

export const PAGES: readonly DemoPage[] = [
  {
    title: 'About this blog',
    audience: 'everyone',
    daysAgo: 38,
    text: `We are 8B of Alder Quay School. Our windows look over the harbour wall, and for a year we write down what the weather does there.

## What you find here

- **Three skies**: what a sky looked like, three times, in our own words.
- **How an instrument works**: rain gauges, vanes and barometers, explained so that you could build one.
- **Weather sayings: true or not?** We look for evidence.

## Who writes

Each of us writes under a first name and an initial, or a pen name. A teacher reads every post before anybody outside our class can.

> What we saw, what we think, and how we know it.
`,
  },
  {
    title: 'How we comment',
    audience: 'ourClass',
    daysAgo: 31,
    text: `A good comment is a present. It shows that somebody has really read.

1. Say what you noticed, and where.
2. Ask something that you would like to know.
3. Then say what you would try next.

## What does not stand here

Nothing about how somebody looks, where somebody lives, or a joke that only some understand. If something is not all right, press *I am worried*: it goes to those at the school who look after that, and to nobody else.
`,
  },
  {
    title: 'Before the trip to the lookout',
    audience: null,
    daysAgo: 2,
    text: `We go on foot and are back for lunch.

- Something to write on that may get wet
- A jacket, whatever the sky says
- Your cloud chart
`,
  },
];
