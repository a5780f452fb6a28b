import type { DemoPost } from './demoPost';

/** Posts for "Three skies": due in two days, so in every state there is. */
export const SKIES: readonly DemoPost[] = [
  {
    student: 'mara',
    assignment: 'skies',
    title: '2 · Three skies above the allotments',
    labels: ['three-skies', 'cumulus'],
    begun: 7,
    handedIn: [4, 1],
    note: 'I was on the compost lid with you. Tell a reader why the bottoms were flat.',
    pinned: [
      {
        passage: 'it grew a second head in four minutes',
        text: 'Four minutes, how lovely. What happened to it after that?',
        answer: 'It fell apart! I put it in.',
      },
      { passage: 'They are made because of the heat.', text: 'Why does warm soil make a cloud?' },
    ],
    levels: [3, 2, null],
    firstText: `## Monday: cauliflowers

At eight the sky over the bean rows was empty, and by ten it was full of cauliflowers. They had flat bottoms, all at the same height. I lay on the compost lid and timed one: it grew a second head in four minutes.

{{cumulus 21|Ten o'clock, from the compost lid.|Mara F.|White heaped clouds with flat bottoms over low hills}}

Our [cloud chart](https://clouds.example/chart) calls these cumulus. They are made because of the heat.

## Tuesday: nobody's shadow

On Tuesday there was one cloud and it was everywhere.

{{stratus 4|One cloud, all of Tuesday.|Mara F.|A grey sky in flat layers}}`,
    text: `## Monday: cauliflowers

At eight the sky over the bean rows was empty, and by ten it was full of cauliflowers. They had flat bottoms, all at the same height, as if someone had set them down on a glass shelf. I lay on the compost lid and timed one: it grew a second head in four minutes, a third in seven, and after eleven its edges began to fray.

{{cumulus 21|Ten o'clock, from the compost lid.|Mara F.|White heaped clouds with flat bottoms over low hills}}

Our [cloud chart](https://clouds.example/chart) calls these cumulus. The dark soil warms first and the air above it rises, and where that air is cold enough the water in it begins to show. That is why the bottoms are flat: below the line the water is there too, but you cannot see it.

## Tuesday: nobody's shadow

On Tuesday there was one cloud and it was everywhere. I noticed that nothing had a shadow, not even the scarecrow, so I could not tell where the sun was until the church clock told me.

{{stratus 4|One cloud, all of Tuesday.|Mara F.|A grey sky in flat layers}}

## Thursday: mare's tails

Thin white hooks, very high, and no wind at all down here. My uncle says rain in a day. It took a day and a half.

{{cirrus 31|Hooks, at half past six.|Mara F.|Thin white streaks high over the water}}`,
  },
  {
    student: 'tomas',
    assignment: 'skies',
    title: '2 · Three skies over the ferry landing',
    labels: ['three-skies'],
    begun: 6,
    handedIn: [3],
    decision: 'sentBack',
    note: 'Lovely: a combed sky. Who took the second picture?',
    pinned: [
      {
        passage: 'On Monday the sky over the landing looked combed.',
        text: 'Bolder, if you like it so:',
        suggested: 'On Monday the sky over the landing was combed.',
      },
      {
        passage: 'the wind on my face and the wind up there did not agree at all',
        text: 'How could you show a reader which way each one blew?',
      },
    ],
    levels: [2, null, null],
    text: `## Monday: a combed sky

On Monday the sky over the landing looked combed. Long white streaks ran from the harbour wall to the hills, and nothing underneath them moved. I noticed that the wind on my face and the wind up there did not agree at all.

{{cirrus 12|High streaks at 6.40 in the morning.|Tomas B.|Long white streaks over the harbour with a lighthouse}}

Our [cloud chart](https://clouds.example/chart) calls these cirrus. They are made of ice, which is why the edges look torn instead of puffy, like a pillow that someone has pulled apart.

## Tuesday: a lid

On Tuesday somebody had put a lid on the bay. It was the same grey from the ferry to the hills.

{{stratus 9|The lid.||Flat grey layers of cloud over the bay}}`,
  },
  {
    student: 'anouk',
    assignment: 'skies',
    title: '2 · Skies I saw while waiting for a bus',
    labels: ['three-skies', 'stratus'],
    begun: 6,
    handedIn: [1],
    text: `The 14 is always late, so I have looked at more sky than anyone in this class.

## Monday

Grey from one side to the other, like the inside of a pan. No edges. A gull flew into it and simply got paler until it was gone. I think that is how you tell how low it is. The drops were too small to fall, they just hung about and made my sleeve dark.

{{stratus 15|Bus stop, Monday, 7.52.|Anouk O.|An even grey sky over dark hills}}

## Wednesday

Holes. The grey had torn in the night and behind it was a second sky, much higher, already pink. So there had been two skies all along.

{{evening 6|The second sky.|Anouk O.|A pink evening sky with the sun low behind streaks}}

## Friday

A dark one with a white rim, coming from behind the school. The light went yellow like an old photograph. Then the bus came, of course. I know from [the lightning map](https://storms.example/map) that it hit the mast at four minutes past eight.`,
  },
  {
    student: 'senna',
    assignment: 'skies',
    title: '2 Three skies from our roof',
    labels: ['three-skies', 'cumulus'],
    begun: 5,
    handedIn: [1],
    text: `## First sky

From our roof you can see three weathers at once. To the left it was already raining on the sheds, you could see the rain as a grey brush. In the middle a pile of white cloud like mashed potato. To the right nothing, just blue.

{{cumulus 8|Mashed potato.|my brother|White heaped clouds in a blue sky}}

## Second sky

At night. You would think there is nothing to see but the town makes the clouds orange from below and when they break the hole is black. I drew where the holes were every ten minutes and they moved north.

{{evening 17|Just before the orange.|Senna D.|The sun going down behind the hills}}

## Third sky

Fog, so no sky. I could hear the buoy but not see the end of our own roof. If anyone has a better picture of it please ring us on 01632 960 118 and ask for Senna.

What the potato is called I looked up in [the cloud atlas of the library](https://library.example/clouds).`,
  },
  {
    student: 'greta',
    assignment: 'skies',
    title: '2 · Three skies, and one that I missed',
    labels: ['three-skies', 'cirrus'],
    begun: 5,
    handedIn: [0.3],
    text: `The one that I missed was the best. Everyone on the tram was talking about a ring round the moon, and I had been in bed.

So I set an alarm for the next three mornings.

**Tuesday, 6.10.** Black, then grey, then a stripe of green that lasted as long as it takes to put on a sock. There were small clouds like fish scales and every scale had a pink belly.

{{cirrus 44|Fish scales, before they went.|Greta S.|Thin rows of white cloud over dark water}}

**Wednesday, 6.10.** Cloud so low that the crane had no head. The air tasted of pennies.

{{stratus 23|The crane without its head was left of this.|Greta S.|Low grey cloud lying on the hills}}

**Thursday, 6.10.** No cloud. I had not known that an empty sky has different blues in it. Over me it was dark like ink and at the edge nearly white, because there you look through more air. [Why the sky is paler at the edge](https://science.example/pale-horizon) says the same with more words.`,
  },
  {
    student: 'rafi',
    assignment: 'skies',
    title: '2 · Does it really rain on washing day?',
    labels: ['three-skies', 'cumulus'],
    begun: 6,
    handedIn: [2],
    text: `My grandmother says that it always rains on Monday because Monday is washing day. I looked at three Mondays, which I know is not enough, but it is what I had.

## The first Monday

Big white towers from nine o'clock. She looked at the barometer, then at me, then hung up the sheets. At two they were dry. At ten past two it rained.

{{cumulus 33|Nine o'clock. The sheets are left of the picture.|Rafi K.|Tall white clouds over the bay}}

## The second Monday

The same towers, but their tops were smooth, as if ironed, and they did not grow. No rain. She said it had been waiting for her to turn her back. I wrote down that the needle had gone up by two in the night, and that is a better reason.

{{cumulus 34|Ironed tops.|Rafi K.|Rounded clouds in a pale sky}}

## The third Monday

Grey without a shape. The drops were too small to fall, they just hung about and made my sleeve dark. She washed all the same, out of spite, and hung everything in the kitchen where it made its own weather. It rained from eleven until I went to bed.

{{storm 5|Eleven o'clock.|Rafi K.|Dark cloud with rain falling over the harbour}}

So: two of three. If you look at the whole of [the harbour's rain diary](https://harbour.example/diary) then Monday has as much rain as Thursday and a little less than Saturday. But nobody minds the rain on a Saturday, because nobody has the sheets out. I think that is the true answer. We remember the rain that cost us something, and the sheets have a better memory than I do. My grandmother has read this and says that the diary was kept by a man, who never hung up a sheet in his life, and that I should ask the diary what it knows about pegs. I said I would put that in. She also wants it known that in the spring of the year in which my mother was born it rained on eleven Mondays one after the other and that there were witnesses.`,
  },
  {
    student: 'lior',
    assignment: 'skies',
    title: 'Sky diary',
    labels: ['three-skies'],
    begun: 4,
    handedIn: [1],
    text: `Monday it was blue. Tuesday it was grey. Wednesday it was both and then it rained.

{{stratus 40|tuesday|Lior M.|}}

I looked [here](https://clouds.example/chart).`,
  },
  {
    student: 'bea',
    assignment: 'skies',
    title: '2 · The ring around the sun was right',
    labels: ['three-skies', 'cirrus'],
    begun: 7,
    handedIn: [4],
    decision: 'accepted',
    levels: [3, 3, 3],
    gradeGivenBack: true,
    note: 'You wrote your prediction down before you knew. That is what scientists do, and it made me want to read on.',
    text: `I wrote my prediction down before I looked at the forecast, and then I stood on the landing to wait.

## Saturday

There was a veil over everything, so thin that the sun still made shadows. Round the sun stood a ring, wide as two hands at the end of my arms, reddish inside. I wrote: *rain by tomorrow noon*.

{{halo 2|Saturday, a quarter to five. The flag hung straight down.|Bea L.|A pale ring around the low sun over a jetty with a hut}}

## Sunday, early

The veil had come down and thickened. The sun was a coin behind paper. No ring any more, and no shadow of the flagpole. That is how it goes: [the cloud chart](https://clouds.example/chart) says the ring is made by ice, and when the cloud sinks it melts.

{{stratus 31|Sunday, eight o'clock.|Bea L.|Grey layers with a brighter place where the sun is}}

## Sunday, 11.20

The first drop fell on the word "noon" in my book, forty minutes early. I have drawn a ring around it.

{{storm 12|Sunday, half past eleven.|Bea L.|Rain over the harbour from a dark cloud}}`,
  },
  {
    student: 'casimir',
    assignment: 'skies',
    title: '2 · Harbour skies',
    labels: ['three-skies'],
    begun: 3,
    text: `On Monday it was all stripes. I noticed that they all pointed to the same place behind the lighthouse.

{{cirrus 51|stripes||}}

Tuesday`,
  },
  {
    student: 'ilse',
    assignment: 'skies',
    title: '2 · My knee against the barometer',
    labels: ['three-skies'],
    begun: 2,
    text: `Great-aunt says her knee knows. I asked the knee on three days and then I looked at the sky.

## First day

The knee said rain. The sky was blue with little white heaps. `,
  },
  {
    student: 'faro',
    assignment: 'skies',
    title: '',
    labels: [],
    begun: 1,
    text: ``,
  },
  {
    student: 'elke',
    assignment: 'skies',
    title: '2 · A sky for each of my brothers',
    labels: ['three-skies', 'cumulus', 'wind'],
    begun: 4,
    text: `I have three brothers, so I gave each of them a sky.

The oldest got Tuesday: all towers, loud, in a hurry, and by four o'clock it had rained itself out and was sorry.

{{cumulus 60|Tuesday, in a hurry.|Elke D.|Tall white clouds crowding over the bay}}

The middle one got Wednesday, which was one long grey thought. I looked at it for an hour. Nothing happened, but the gulls sat down on the water, and they only do that when they have made up their minds about something.

{{stratus 61|Wednesday, thinking.|Elke D.|An even grey sky}}`,
  },
];
