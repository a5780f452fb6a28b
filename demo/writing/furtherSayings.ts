import type { DemoPost } from './demoPost';

/** More of the class on "Weather sayings": most accepted, waiting for the set to be opened. */
export const FURTHER_SAYINGS: readonly DemoPost[] = [
  saying(
    'casimir',
    'Clear moon, frost soon',
    4,
    2,
    `Clear moon, frost soon. I looked at nine clear nights and nine cloudy ones and put a plate of water out.

Clear: ice five times. Cloudy: ice once. So it is true and there is a reason, the clouds are a blanket and without them the warmth goes off into space. [The science pages](https://science.example/radiation-frost) say so too. But it only works in winter, in September nothing froze whatever the moon did. [The farmer's calendar](https://library.example/farmers-calendar) does not say that, it just says frost soon.

The moon has nothing to do with it. You could say clear sky, frost soon, but that doesn't rhyme.`,
  ),
  saying(
    'elke',
    'Rain before seven, fine by eleven',
    5,
    2,
    `This one is easy to test because it has times in it.

From [the harbour's rain diary](https://harbour.example/diary) I took forty days on which it rained before seven. By eleven it had stopped on twenty-six. That sounds good! But then I took forty days on which it rained before nine, and asked about one o'clock. Twenty-five. So rain usually stops within four hours, whenever it begins. Seven and eleven are only there because they rhyme.

[The weather office](https://weather.example/showers) says most fronts take three to five hours to pass. So: true, but it is a saying about four hours, not about breakfast.`,
  ),
  saying(
    'greta',
    'A green Christmas, a white Easter',
    4,
    3,
    `I wanted this to be true because we never have a white anything.

For it: my neighbour remembers two such years. Against it: [thirty years of the harbour's diary](https://harbour.example/diary). There were twenty-four green Christmases, of course, we live by the sea. After those there was snow at Easter three times. There were six white Christmases. After those there was snow at Easter once. Three of twenty-four is the same as one of six, nearly, so it makes no difference.

[The library's list of sayings](https://library.example/sayings) has it in five languages. I think people like it because it sounds fair.`,
  ),
  saying(
    'hamza',
    'When the wind is in the east',
    3,
    1,
    `"When the wind is in the east, 'tis neither good for man nor beast." I asked a man and a beast.

The man was my uncle, who fishes. He says an east wind is dry and cold and steady and he likes it. The beast was his dog and the dog was outside. [Wind figures from the airfield](https://airfield.example/wind-rose) say that in March the east wind is four degrees colder than the west wind. In July it is warmer. So the saying is true in the months in which somebody was cold enough to make it up.

[Another version](https://library.example/sayings) says it about fish.`,
  ),
  saying(
    'lior',
    'Ants',
    2,
    1,
    `They say ants build higher before rain. I measured one hill with a ruler for two weeks. It got higher when it was dry and lower when it rained because the rain washed it off.

[here](https://science.example/ants)`,
    [0],
  ),
  saying(
    'mara',
    'Mackerel sky, three days dry',
    6,
    3,
    `"Mackerel sky, mackerel sky, never long wet and never long dry." There is another one that says "three days dry". They can't both be right, so I let them fight.

I kept a list of every mackerel sky since the summer holidays, there were eleven. After seven of them it rained within two days. After four it stayed dry for three days or more. So the first saying wins seven to four, but it is also slipperier: "never long" can mean anything.

Why: those small scales are a thin layer of air that is being lifted, and often it is lifted because a front is pushing under it. [The cloud chart](https://clouds.example/chart) says the same. But [the harbour's diary](https://harbour.example/diary) shows that some fronts only pass by.

Verdict: half true, and lovely to look at.`,
    [3],
  ),
  saying(
    'rafi',
    'Grandmother against the barometer',
    5,
    2,
    `My grandmother's saying is her own: "If I have washed, it rains." I have written about it before, so this time I did it properly.

She washed on nineteen days. It rained on eight of them. She did not wash on twenty-three days. It rained on nine of those. Eight of nineteen is 42 per cent and nine of twenty-three is 39. That is nothing.

[The harbour's diary](https://harbour.example/diary) agrees with me and [the library's page on luck](https://library.example/superstition) explains that we remember what annoys us. She has read it. She says that 42 is more than 39.`,
    [3],
  ),
  saying(
    'senna',
    'Smoke that falls',
    3,
    1,
    `When smoke falls to the ground it will rain. I asked the smokehouse on the quay, they have smoke every day and they keep a book about the fish, so I could look up fourteen days in it.

Smoke low: six days, rain on four of them. Smoke straight up: eight days, rain on two. It could be true! When the air is light and damp before rain smoke does not rise well. [The science pages](https://science.example/smoke) say that a layer of warm air above does it, and that can mean fine weather too.

So maybe. [The smokehouse's own page](https://smokehouse.example/about) says nothing about weather, only about herring.`,
  ),
  saying(
    'tomas',
    'Is it too cold to snow?',
    4,
    2,
    `"Too cold to snow" my father says when it is very cold and I have been looking out of the window.

Against it: it snows at the poles, and there it is as cold as it gets. [The polar station's page](https://polar.example/snow) says it snows at minus forty, only very little. For it: cold air can hold less water, so the colder it is the less can fall out. [The science pages](https://science.example/cold-air) have a table.

And here? In the harbour's diary the coldest five days of each winter had snow only twice in ten years. When it is that cold here the wind is from the east, and the east wind is dry.

So my father is wrong about the world and right about our street.`,
    [3],
  ),
  saying(
    'ilse',
    'Bees stay at home',
    5,
    3,
    `A bee was never caught in a shower, they say. I sat in front of my uncle's hives on six afternoons and counted how many flew out in five minutes.

Before rain, within two hours: 14, 9, 22. On dry afternoons: 61, 48, 55. That is a big difference and I was very surprised, because I had wanted to write "not true".

[The beekeepers' page](https://bees.example/weather) says they feel damp and dim light. [A study with tags](https://science.example/bees) says they even work longer on the day before rain, to fetch more. But I did once find a wet bee. I warmed it on my hand and it went home.`,
    [3],
  ),
];

function saying(
  student: string,
  title: string,
  begun: number,
  handedIn: number,
  text: string,
  levels: readonly number[] = [2],
): DemoPost {
  return {
    student,
    assignment: 'sayings',
    title,
    labels: ['weather-sayings'],
    begun: begun + handedIn,
    handedIn: [handedIn],
    decision: 'accepted',
    levels,
    text,
  };
}
