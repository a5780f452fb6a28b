import type { DemoPost } from './demoPost';

/** Posts for "How an instrument works": nearly all done, read and published. */
export const INSTRUMENTS: readonly DemoPost[] = [
  {
    student: 'anouk',
    assignment: 'instrument',
    title: '1 · Build a wind cup from yoghurt pots',
    labels: ['how-it-works', 'wind'],
    begun: 20,
    handedIn: [13],
    decision: 'accepted',
    levels: [3, 2],
    gradeGivenBack: true,
    note: 'I could build this from your steps alone, and step 6 made me laugh. Thank you for keeping the mistakes in.',
    text: `Nine steps, two mistakes and one very patient fan.

1. Wash four yoghurt pots. If you skip this you will have wasps. I skipped it.
2. Cut two strips of cardboard as long as your forearm and cross them in the middle.
3. Push a drawing pin through the crossing into the rubber end of a pencil. It has to turn so easily that breathing at it moves it.
4. Staple one pot to each end, lying on its side, all facing the same way round.
5. Colour one pot red, so that you can count turns.
6. Hold it in the wind. Mine did nothing at all, because I had put two pots the wrong way. They were arguing.
7. Turn the wrong ones round.
8. Count how often red comes past in thirty seconds.
9. Write it down with the time and the place.

{{windCups 4|My wind cup on the garden wall. The red one is the one I count.|Anouk O.|Four yoghurt pots on crossed strips of card, one of them red, on top of a pencil}}

It works because the hollow side of a pot catches more wind than its round back, so one side is always pushed harder. You can read more on [the page about anemometers at the weather museum](https://museum.example/anemometer).`,
  },
  {
    student: 'lior',
    assignment: 'instrument',
    title: '1. What our rain bottle cannot measure',
    labels: ['how-it-works', 'rain'],
    begun: 18,
    handedIn: [12],
    decision: 'accepted',
    levels: [2, 2],
    gradeGivenBack: true,
    note: 'A report that says what an instrument cannot do is rarer than one that says what it can. More of this.',
    text: `We cut the top off a bottle and put it back in upside down like a funnel. That is the whole instrument. Here is how you read it:

1. Put it in the open, not under the gutter.
2. Pour in water up to the zero line, because the bottom of a bottle is not flat.
3. At eight o'clock every morning look at the line from the side, with your eye as high as the water.
4. Write down the millimetres and tip it back to zero.

{{rainBottle 2|Nine millimetres on Sunday night.|Lior M.|A cut bottle with a funnel top and a scale drawn on its side, half full of water}}

But there are three things it cannot measure. Fog, because fog does not fall, it just leans on everything. Snow, because it makes a hat on the funnel. And how hard it rained, because ten minutes of storm and a whole grey day can both be nine millimetres. [The harbour office keeps a gauge that draws a line](https://harbour.example/rain-gauge) so they can see the difference. Ours only remembers the sum.`,
  },
  {
    student: 'rafi',
    assignment: 'instrument',
    title: '1 · The barometer in my grandmother’s hall',
    labels: ['how-it-works'],
    begun: 19,
    handedIn: [11],
    decision: 'accepted',
    levels: [2, 1],
    gradeGivenBack: true,
    text: `My grandmother taps it every morning before she decides about the washing. I asked her to let me look inside. She said no, so I read about it and looked at it very hard from the front.

1. Inside is a small metal box with nearly no air in it.
2. When the air outside presses more, the box is squeezed flatter.
3. A lever makes the small movement big.
4. A chain turns the needle.
5. The brass needle does not measure anything. You set it by hand, so that tomorrow you can see which way the other one went.

{{barometer 3|It has said “Change” since I was born.|Rafi K.|A round wooden barometer with a red needle a little left of the middle}}

The words on it are only guesses. What counts is whether the needle moves, and how fast. [How an aneroid box is made](https://museum.example/aneroid) has a drawing with the lid off.`,
  },
  {
    student: 'elke',
    assignment: 'instrument',
    title: '1: A thermometer that tells lies in the sun',
    labels: ['how-it-works'],
    begun: 16,
    handedIn: [10],
    decision: 'accepted',
    levels: [1, 2],
    gradeGivenBack: true,
    text: `If you hang a thermometer on a south wall it does not tell you how warm the air is. It tells you how warm a thermometer on a south wall is.

1. Hang it in the shade, on the north side, as high as your chin.
2. Leave a hand of space behind it so the wall cannot lean its warmth on it.
3. Wait ten minutes.
4. Read it quickly, before your breath does something.

I did it wrong on purpose. In the sun it said 31, in the shade 19, at the same minute.

{{thermometer 5|Nineteen in the shade.|Elke D.|A red column on a white board, standing a little under the middle of the scale}}

Real weather stations put it in a white box with slats, like a tiny house with shutters: [a picture of one at the airfield](https://airfield.example/screen).`,
  },
  {
    student: 'casimir',
    assignment: 'instrument',
    title: '1 · Wind vane',
    labels: ['how-it-works', 'wind'],
    begun: 15,
    handedIn: [10],
    decision: 'accepted',
    levels: [1, 0],
    gradeGivenBack: true,
    note: 'Your steps are in order. Next time tell me why the tail has to be bigger than the point; I think you know.',
    text: `First you need a straw and a pin. Then card.

1. Cut a point and a tail from the card. The tail is bigger.
2. Cut slits in the straw and push them in.
3. Put the pin through the middle into a rubber.
4. Find north with a compass and write N on the ground.
5. Look where it points. That is where the wind comes FROM not where it goes. I got that wrong for a week.

{{vane 2|it works|Casimir T.|A green arrow with a red point on a stick}}

[Wind vanes through history](https://museum.example/vanes)`,
  },
  {
    student: 'aron',
    assignment: 'instrument',
    title: '1 · How to weigh the air with a jam jar',
    labels: ['how-it-works'],
    begun: 17,
    handedIn: [12],
    decision: 'accepted',
    levels: [3, 2],
    gradeGivenBack: true,
    text: `Air weighs something, and you can watch it get heavier.

1. Cut the neck off a balloon and stretch the rest over a jam jar like the skin of a drum.
2. Glue a straw to the middle of the skin, lying flat, so that it sticks out over the edge.
3. Stand a card behind the tip and draw a line where the straw points.
4. Put it where the sun never comes. Warm air in the jar would push the skin as well, and then you have made a bad thermometer.
5. Draw a new line every day.

When the air outside is heavy it presses the skin in and the tip goes up. When a storm is coming there is less air on top of us, the skin bulges and the tip goes down. Mine went down two fingers on the day that the ferry stayed in.

{{barometer 9|The same day, on a real one, for comparison.|Aron W.|A barometer whose needle leans far to the left}}

The idea is explained with better jars at [the physics pages of the town library](https://library.example/air-pressure).`,
  },
  {
    student: 'milo',
    assignment: 'instrument',
    title: 'my rain thing',
    labels: [],
    begun: 12,
    handedIn: [8],
    levels: [0, 0],
    decision: 'accepted',
    gradeGivenBack: true,
    note: 'It is short, Milo, but you did go out in the rain for it. Let us build the second one together on Thursday.',
    text: `you take a bottle and it rains in it and then you look how much. I did it 2 days. first day 4 second day nothing because the dog.

{{rainBottle 7|||}}`,
  },
  {
    student: 'bea',
    assignment: 'instrument',
    title: '1 · A sundial is a weather instrument, and I can prove it',
    labels: ['how-it-works'],
    begun: 19,
    handedIn: [11],
    decision: 'accepted',
    levels: [2, 2],
    gradeGivenBack: true,
    text: `A sundial only works when the sun shines. So if you write down every hour at which it works, you have measured sunshine.

1. Push a stick into the lawn.
2. Put a stone where the tip of its shadow is at each full hour. You need one sunny day for this, or three so-so ones.
3. From then on go out on the hour. Is there a shadow with an edge? Count one. Is it only a smudge? Count a half.
4. Add them up in the evening.

{{evening 11|The last shadow that counted, 7 in the evening.|Bea L.|Low sun over the harbour hills with long streaks of cloud}}

In the first week we had 21 and a half hours. The weather people use a glass ball that burns a line into paper, which I am not allowed to build: [the sunshine recorder](https://museum.example/sunshine-recorder).`,
  },
];
