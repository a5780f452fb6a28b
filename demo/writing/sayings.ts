import type { DemoPost } from './demoPost';

/** Posts for "Weather sayings: true or not?": due yesterday; the set is opened by the teacher when all are read. */
export const SAYINGS: readonly DemoPost[] = [
  {
    student: 'aron',
    assignment: 'sayings',
    title: 'Red sky at night, thirty nights',
    labels: ['weather-sayings'],
    begun: 12,
    handedIn: [4],
    decision: 'accepted',
    levels: [3],
    text: `"Red sky at night, sailor's delight." I counted thirty evenings and thirty mornings after them.

There were eleven red evenings. After nine of them the next day was dry, after two it was not. There were nineteen evenings without red. After those it was dry ten times and wet nine times. So red is better than not red, but it is no promise.

Why it could be true: the weather here mostly comes from the west. If the evening sun shines red through dusty dry air in the west, that dry air is what gets here tomorrow. [The explanation at the science pages](https://science.example/red-sky) has a good drawing. But [the harbour's rain diary](https://harbour.example/diary) shows that in winter a third of our weather comes from the north, and then the west can be as red as it likes.

I say: true in summer.`,
  },
  {
    student: 'petra',
    assignment: 'sayings',
    title: 'Cows lie down when they like',
    labels: ['weather-sayings', 'farm'],
    begun: 11,
    handedIn: [3],
    decision: 'accepted',
    levels: [2],
    text: `They say cows lie down before rain. We have fourteen cows so I could look.

For ten days I wrote down at four o'clock how many were lying, and in the evening whether it had rained. On rain days there lay 6, 2, 9 and 5. On dry days 7, 6, 3, 8, 4 and 7. That is the same.

My father says they lie down to chew and get up to eat and don't read the forecast. There is [a study with two hundred cows](https://farm.example/resting-cows) that says when it is hot they stand more, because standing is cooler. Before a storm it is often hot. So it should be the other way round! But [an old farmer's calendar](https://library.example/farmers-calendar) swears by it.

Not true. But I like that people looked at cows so much.`,
  },
  {
    student: 'faro',
    assignment: 'sayings',
    title: 'Fog in August, snow at Christmas?',
    labels: ['weather-sayings'],
    begun: 10,
    handedIn: [2],
    decision: 'accepted',
    levels: [1],
    text: `The saying is: every fog in August is a snow in winter. My neighbour believes it and he is 81.

I took twenty years out of [the harbour's rain diary](https://harbour.example/diary) and counted fogs in August and days with snow. In the year with the most fogs (nine) there was one snow. In the year with the most snow (fourteen!) there were two fogs.

If it was true the dots should make a line. They make a cloud. Ha.

I could not find anybody who says why it should work, only [a list of sayings](https://library.example/sayings) that says it too. My neighbour says twenty years is nothing.`,
  },
  {
    student: 'juno',
    assignment: 'sayings',
    title: 'The swallows flew low for nothing',
    labels: ['weather-sayings'],
    begun: 9,
    handedIn: [0.6],
    days: [
      {
        daysAgo: 8.9,
        upTo: 'the swallows follow them.',
        besides: ' I do not know yet how low is low. I could ask my uncle, he knows birds.',
      },
      { daysAgo: 6.8, upTo: '"often repeated and seldom counted".' },
      {
        daysAgo: 3.4,
        upTo: 'High and dry: 3.',
        pasted:
          'So I counted. Twelve evenings on the sea wall, low means under the top of the lamp. Low and rain the next day: 4. Low and dry: 3. High and rain: 2. High and dry: 3.',
      },
      { daysAgo: 2.7, upTo: 'two evenings.', besides: ' That was the boys from the boat and not me.' },
    ],
    text: `When swallows fly low it will rain. I like this one because there is a reason: insects stay low when the air is damp and the swallows follow them. [The bird station](https://birds.example/swallows) writes that it is "often repeated and seldom counted".

So I counted. Twelve evenings on the sea wall, low means under the top of the lamp. Low and rain the next day: 4. Low and dry: 3. High and rain: 2. High and dry: 3.

Low is a little better than high, but twelve is few and the lamp was broken on two evenings. [My grandfather's diary, page 31](https://library.example/diaries/31) has a swallow in it too but no rain.

True? I would take a coat but not cancel anything.`,
  },
  {
    student: 'dara',
    assignment: 'sayings',
    title: 'A saying about onions that my whole family repeats every single autumn without checking',
    labels: ['weather-sayings'],
    begun: 8,
    handedIn: [0.4],
    text: `Onion skin very thin, mild winter coming in. Onion skin thick and tough, coming winter cold and rough.

I measured onions. Ten from the shop and ten from my aunt. The shop ones come from another country so they can't know about our winter, and they were thicker.

So my opinion is no. See [this](https://onions.example/).`,
  },
  {
    student: 'kofi',
    assignment: 'sayings',
    title: 'Ring around the moon',
    labels: ['weather-sayings'],
    begun: 6,
    text: `"Ring around the moon, rain soon." I want to find out how soon is soon.

So far I found [the page on halos](https://science.example/halos). It says ice crystals.`,
  },
];
