import type { DemoPost } from './demoPost';

/** Posts for "Daily sky log", which grow for some weeks. */
export const LOG: readonly DemoPost[] = [
  {
    student: 'hamza',
    assignment: 'log',
    title: 'My sky log, from the top deck of the bus',
    labels: ['sky-log'],
    begun: 18,
    handedIn: [17, 6],
    decision: 'sentBack',
    note: 'Eight days, and I can see you getting faster at it. Keep the barometer in: it is the best part. Who took the picture on the fourth day?',
    firstText: `## 1. Grey from end to end

No edges anywhere. The bus driver had his lamps on at half past eight.`,
    text: `## 1. Grey from end to end

No edges anywhere. The bus driver had his lamps on at half past eight.

## 2. Two layers

Low grey rags going one way, and when there was a hole in them something white and ribbed above, going nowhere.

## 3. Washed

It rained all night and the sky looks as if somebody had wiped it. Barometer at the chandler's: 1009 and rising.

{{cumulus 7|From the top deck, at the second stop.||Small white clouds over low hills}}

## 4. Small ones

Little cumulus over the town and none at all over the water. I have now seen that three times.

{{cumulus 12|The same, an hour later.||White clouds in a row}}

## 5. Nothing to see

Blue. I looked for five minutes. There was one gull.

## 6. A ring

{{halo 3|The ring, just before it went.|Hamza B.|A pale ring around the sun behind thin cloud}}

A ring round the sun, all the way round, for about ten minutes. Barometer 1002 and falling.

## 7. Told you so

Rain, as the ring said. It took nineteen hours.

## 8. Rags again

The low rags are back, but this time they were going the other way.`,
  },
  {
    student: 'nadia',
    assignment: 'log',
    title: 'Sky log, kitchen window',
    labels: ['sky-log'],
    begun: 15,
    handedIn: [14],
    decision: 'sentBack',
    worry: 'This is not like her. I would be glad if somebody talked with her today.',
    note: 'A good beginning. One sentence more each day: what made you look up?',
    text: `## 1. Flat

White all over, like the inside of a cup.

## 2. Flat, but darker

The same cup with tea in it. The pigeons sat with their backs to the west.

## 3. Torn

Holes! And through one of them a second sky.`,
  },
  {
    student: 'oona',
    assignment: 'log',
    title: 'The sky over the boatyard',
    labels: [],
    begun: 9,
    text: `## 1. Evening

The clouds were lit from below, which only happens when the sun is lower than they are.

{{evening 5|From the slip.|Oona G.|A sky in red and violet over dark water}}

## 2.`,
  },
];
