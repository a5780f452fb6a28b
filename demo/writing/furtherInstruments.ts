import type { DemoPost } from './demoPost';

const chart = '[the instrument pages of the museum](https://museum.example/instruments)';

/** The rest of the class on "How an instrument works": shorter, and each odd in its own way. */
export const FURTHER_INSTRUMENTS: readonly DemoPost[] = [
  post(
    'dara',
    '1 · The onion is an instrument too',
    19,
    12,
    [1, 1],
    `My aunt says an onion with a thick skin means a hard winter, so the onion is the instrument.

1. Buy ten onions at the same place every October.
2. Peel one layer and measure it with the thing from the tool drawer that measures screws.
3. Write it in the book.

You cannot read it until spring, which makes it the slowest instrument in the class. I don’t think it works, but nobody has kept the book, so I have begun. See ${chart} for quicker ones.

{{thermometer 31|Not an onion. It is for comparing the winters.|Dara Q.|A thermometer on a white board}}`,
  ),
  post(
    'faro',
    '1 · Barometer made of a bottle that stands on its head',
    18,
    11,
    [2, 2],
    `1. Fill a bottle half with water.
2. Put a finger on it, turn it over, hold it in a bowl with water in and take the finger away.
3. It does not run out!! The air on the bowl pushes it up.
4. Draw a line on the glass.
5. If the line and the water don’t agree any more the weather is changing.

My mother wanted her bowl back on day 2 so I have one dot on my graph. It went up by half a finger. The next day was sunny, so one out of one.

{{barometer 14|Our real one said the same.|Faro N.|A barometer with the needle a little to the right}}

I read why at ${chart}.`,
  ),
  post(
    'greta',
    '1 · Reading wind without any instrument',
    19,
    13,
    [3, 1],
    `You do not need to build anything. Somebody worked out long ago what a wind does to the things around you, and you only have to look.

1. Smoke goes straight up: no wind at all.
2. You feel it on your face and leaves whisper: a light one.
3. A flag is stretched: gentle to moderate.
4. Small trees sway and your umbrella has opinions: fresh.
5. You lean: near gale. Go home.

{{vane 18|The vane over the chandler's, at number three.|Greta S.|A green arrow on a pole, pointing a little down}}

I wrote a number down every day on the way to school and the airfield’s figure in the evening. They agreed on eleven days of fourteen. [The whole scale with its numbers](https://airfield.example/wind-scale) goes up to twelve, which I hope never to write down.`,
  ),
  post(
    'hamza',
    '1 · Rain gauge with a secret',
    17,
    12,
    [2, 2],
    `The secret is a ping-pong ball. It floats on the rain in the funnel and closes the hole when it stops, so nothing evaporates. That was my idea.

1. Bottle, cut, turned round.
2. Ball in the funnel.
3. Wait for rain.
4. Rain lifts the ball, water runs in round the side.
5. Rain stops, ball sits down again.

{{rainBottle 12|Four millimetres, none of it lost.|Hamza B.|A bottle with a funnel and water in the bottom}}

I tested it against Lior’s bottle for five days. His lost two millimetres in the sun. Mine lost none but once the ball blew away and I had to get it from next door. More on ${chart}.`,
  ),
  post(
    'ilse',
    '1 Hair',
    16,
    10,
    [1, 2],
    `Hair gets longer when the air is damp. Great-aunt gave me one of hers because they are long and she has opinions about mine.

1. Wash the hair, or the grease spoils it.
2. Tie it to a nail, run it once round a drawing pin and hang a paper clip on the end.
3. Glue a straw to the pin as a pointer.
4. Breathe on it. The pointer moves!

It is called a hygrometer, and real ones use hair as well: ${chart}.

{{thermometer 8|The pointer looks a bit like this, lying down.|Ilse V.|A red line beside a scale}}`,
  ),
  post(
    'juno',
    '1 · The sky has a colour chart',
    18,
    12,
    [2, 1],
    `Take all the blue pencils that you have. I had nine.

1. Colour nine squares on a strip, from nearly white to the darkest.
2. Number them.
3. Hold the strip against the sky, straight up, away from the sun, always at noon.
4. Write down the number that fits.

Dust and damp make the sky paler. Before rain mine went from six to four. After the storm it was an eight, the best of the month.

{{cumulus 71|A seven between the clouds.|Juno P.|Blue sky between white clouds}}

There is a real one with fifty-three blues, from more than two hundred years ago, at ${chart}.`,
  ),
  post(
    'kofi',
    '1 · Thunder clock',
    17,
    11,
    [3, 2],
    `How far away is a thunderstorm? Your watch can tell you.

1. See the flash.
2. Count seconds until you hear it. Say "one harbour, two harbour" so that they are long enough.
3. Divide by three. That is kilometres.
4. Do it again. If it gets smaller, it is coming.
5. Under ten seconds: inside.

It works because light is there at once and sound walks. Well, it goes 340 metres in a second, but beside light that is walking.

{{storm 22|Seven harbours, so a bit more than two kilometres.|Kofi A.|Lightning under dark clouds}}

I checked three of mine with [the lightning map](https://storms.example/map), they were right within half a kilometre, and the fourth I could not see because of the roof.`,
  ),
  post(
    'mara',
    '1 · A thermometer that sings',
    20,
    13,
    [3, 2],
    `On warm nights in August the crickets in the allotments are a thermometer. The warmer it is, the faster they sing.

1. Find one cricket. This is the hard part; they all sing together, and they stop when you come near.
2. Count its chirps for eight seconds. I used the kitchen timer and my brother wrote strokes.
3. Add five. That should be the degrees.

{{evening 33|Where the cricket lives, at nine in the evening.|Mara F.|Evening sky with a low sun over hills}}

On eleven evenings I was wrong by one degree or less, on two by three. On the two it had rained, and I think I counted two crickets. It works because a cricket is as warm as the air around it and everything in it goes faster when it is warm. [Somebody wrote down the rule](https://science.example/crickets) more than a hundred years ago.`,
  ),
  post(
    'nadia',
    '1 · Pine cone',
    15,
    10,
    [1, 1],
    `1. Take a pine cone.
2. Put it on the window sill outside.
3. When it is dry it opens and when it is damp it shuts.

It is made so that the seeds fly when the air is dry. I looked every morning for nine days and drew it. Open open shut shut shut open open half open. When it was shut it rained later on two of three days.

{{stratus 52|A shut day.|Nadia E.|Flat grey clouds}}

${chart} has an old weather house that works like that.`,
  ),
  post(
    'oona',
    '1 · My ears',
    16,
    12,
    [2, 2],
    `I can hear from bed which way the wind is. This is not magic, there are four sounds.

1. The flagpole at school tinkles: wind from the west, because the rope is on that side.
2. The ferry sounds near: south. Sound comes with the wind.
3. The road sounds near: north.
4. The cat flap: east. Only ever from the east.

I wrote down what I heard for ten mornings before I looked at the vane on the chandler’s roof. Eight were right. Once it was the cat.

{{vane 25|The vane that told me whether I was right.|Oona G.|A green arrow with a red point on a pole}}

Why sound goes further with the wind is at [the science pages](https://science.example/sound-and-wind).`,
  ),
  post(
    'petra',
    '1 · Cloud mirror',
    18,
    13,
    [2, 1],
    `A mirror on the ground lets you see how fast a cloud goes without hurting your neck.

1. Lay a mirror flat and draw a cross on it with the pen that comes off.
2. Find north with the compass and turn the cross to it.
3. Look at one edge of one cloud. Follow it from the middle to the frame.
4. Count the seconds and write down where it left.

High ones go slowly and low ones go fast, although really it is often the other way round, they are only further away. I explained this to our cows’ vet and he said he had never thought about it.

{{cumulus 90|What the mirror saw, only the right way up.|Petra V.|White clouds in a blue sky}}

The proper one is called a nephoscope, see ${chart}.`,
  ),
  post(
    'senna',
    '1 · Thermometer race',
    17,
    11,
    [2, 2],
    `I had five thermometers from five drawers. They did not agree, so I made a race.

1. Put all of them in ice water. They should say zero. One said four!
2. Put them all in the shade for an hour.
3. Write down what each one says, and how long it needed to stop moving.
4. Work out which one lies and by how much. A thermometer that always lies by the same amount is fine, you just subtract.

{{thermometer 44|The winner. It is the ugliest one.|Senna D.|A thermometer with a short red column}}

So an instrument is not right because it has numbers on it. You have to ask it something that you already know. There is more about this at ${chart}.`,
  ),
  post(
    'uma',
    '1 · What the gulls know',
    15,
    10,
    [1, 0],
    `Gulls sit on the school field before bad weather. So count them.

1. Count the gulls at ten past eight.
2. Count the gulls at noon.
3. If there are more, take a coat.

I have done it for six days. My numbers: 3, 0, 12, 15, 2, 0. It rained after the 12 and the 15. I don’t know why they do it.

{{evening 41|No gulls, no rain.|Uma T.|Evening sky over the water}}

${chart}`,
  ),
];

function post(
  student: string,
  title: string,
  begun: number,
  handedIn: number,
  levels: readonly number[],
  text: string,
): DemoPost {
  return {
    student,
    assignment: 'instrument',
    title,
    labels: student === 'ilse' ? [] : ['how-it-works'],
    begun,
    handedIn: [handedIn],
    decision: 'accepted',
    levels,
    gradeGivenBack: true,
    text,
  };
}
