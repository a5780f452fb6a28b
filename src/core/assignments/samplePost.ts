import type { Node } from 'prosemirror-model';
import { ofKind } from '../requirements/ofKind';
import type { ForEachKind } from '../requirements/registry';
import { documentSchema } from '../document/schema';
import type { PostToCheck } from '../requirements/post';
import type { AssignmentToCheck, Requirement } from '../requirements/requirement';
import { LEAST_WORDS, maybeReadingAge } from '../requirements/kinds/readingLevel';
import { titlePattern } from '../requirements/titlePattern';
import { countedBy } from '../requirements/countedFor';
import { countDocumentWords } from '../words/documentWords';
import { begunStarter } from './starters';

/** How far a sample has come. */
export const SAMPLES = ['empty', 'thin', 'middling', 'full'] as const;
export type Sample = (typeof SAMPLES)[number];

/** How much of what is asked a sample has, from 0 to 1. */
const AMOUNT: Readonly<Record<Sample, number>> = { empty: 0, thin: 0.35, middling: 0.8, full: 1 };

/**
 * A made-up post on which a teacher sees how requirements judge: a full one fulfils whatever can be counted, the
 * others have part of it and the usual faults, such as a picture without a credit.
 */
export function samplePost(assignment: AssignmentToCheck, sample: Sample): PostToCheck {
  const writer = new SampleWriter(assignment, AMOUNT[sample]);
  if (sample !== 'empty')
    for (const requirement of inOrder(assignment.requirements)) writer.fulfil(requirement);
  return writer.post();
}

/** What makes blocks of its own comes before what only counts the words of them all. */
function inOrder(requirements: readonly Requirement[]): readonly Requirement[] {
  const last = ['paragraphs', 'words', 'readingLevel'];
  return requirements.toSorted((one, other) => last.indexOf(one.kind) - last.indexOf(other.kind));
}

const { nodes, marks } = documentSchema;

const WORDS_OF_A_PARAGRAPH = 40;

/** So many words of the talk from a place on, in sentences as it has them, or of so many words each. */
function talkFrom(from: number, words: number, sentence: number | null): string {
  const said = Array.from({ length: words }, (_, index) => {
    const word = TALK[(from + index) % TALK.length]!;
    if (sentence === null) return word;
    const plain = word.replace(/[.,]$/, '').toLowerCase();
    const begun = index % sentence === 0 ? plain.charAt(0).toUpperCase() + plain.slice(1) : plain;
    return index % sentence === sentence - 1 ? `${begun}.` : begun;
  }).join(' ');
  return said === '' ? '' : `${said.replace(/[.,]$/, '')}.`;
}

/** The measure of reading rises by so much with each word that sentences are longer (Flesch–Kincaid). */
const YEARS_OF_A_WORD = 0.39;

/** How many words a sentence needs for the reading level that is asked for: the middle of it, measured once on the talk. */
function sentenceFor({ from, to }: Requirement): number {
  const [least, most] = [from, to].map((age) => (typeof age === 'number' ? age : null));
  const aim = ((least ?? most ?? 10) + (most ?? least ?? 10)) / 2;
  const tried = 10;
  const text = documentSchema.text(talkFrom(0, tried * tried * 4, tried));
  const body = nodes.doc.create(null, nodes.paragraph.create(null, text));
  const measured = maybeReadingAge({ title: '', labels: [], body }, []) ?? aim;
  return Math.max(1, Math.round(tried + (aim - measured) / YEARS_OF_A_WORD));
}

const TALK =
  `The harbour lay still before the wind came round. We stood at the wall with our notebooks and waited. First the
flags moved, then the ropes, and then the water itself went dark in strips. Somebody said that it smelled of iron. I wrote
down the time, the direction and what the clouds looked like above the sheds. Later the rain walked in from the west and
nobody ran. It was warmer than we had thought, and the gauge on the roof filled slowly.`.split(/\s+/);

class SampleWriter {
  private readonly blocks: Node[] = [];
  private readonly labels: string[] = [];
  private readonly hashes: Record<string, string> = {};
  private readonly opens: Record<string, 'opens'> = {};
  private readonly confirmed: string[] = [];
  private title: string;
  private teaser = '';
  private cover: { readonly src: string; readonly description: string } | null = null;
  private spoken = 0;
  private made = 0;
  /** Of so many words is each sentence; null for those that stand in the talk. */
  private readonly sentence: number | null;

  constructor(
    private readonly assignment: AssignmentToCheck,
    private readonly amount: number,
  ) {
    this.title = amount < 0.5 ? '' : 'What we saw';
    const aimed = assignment.requirements.find((one) => one.kind === 'readingLevel');
    this.sentence = aimed ? sentenceFor(aimed) : null;
  }

  fulfil(requirement: Requirement): void {
    ofKind(PARTS, requirement.kind)?.(
      this,
      (name) => {
        const value = requirement[name];
        return typeof value === 'number' ? value : 0;
      },
      requirement,
    );
  }

  post(): PostToCheck {
    // A document is not changed once it is made; this list is.
    const body = nodes.doc.create(null, this.blocks.length ? [...this.blocks] : [nodes.paragraph.create()]);
    return {
      title: this.title,
      labels: this.labels,
      body,
      teaser: this.teaser,
      cover: this.cover,
      openResults: this.opens,
      pictureHashes: this.hashes,
      selfChecked: this.confirmed,
    };
  }

  /** So many of what is asked, at least one once the post is past its beginning, and never more than may be. */
  some(wanted: number, most?: unknown): number {
    const some =
      this.amount < 0.5 ? Math.floor(wanted * this.amount) : Math.max(1, Math.round(wanted * this.amount));
    return typeof most === 'number' ? Math.min(some, most) : some;
  }

  get isFull(): boolean {
    return this.amount === 1;
  }

  /** Sentences of so many words. */
  talk(words: number): string {
    const from = this.spoken;
    this.spoken += words;
    return talkFrom(from, words, this.sentence);
  }

  /** So many words, or as many more as make the last sentence whole. */
  wholeSentences(words: number): number {
    return Math.ceil(words / (this.sentence ?? 1)) * (this.sentence ?? 1);
  }

  say(words: number): void {
    if (words > 0) this.add(nodes.paragraph.create(null, documentSchema.text(this.talk(words))));
  }

  add(...blocks: readonly Node[]): void {
    this.blocks.push(...blocks);
  }

  heading(text: string): void {
    this.add(nodes.heading.create({ level: 2 }, documentSchema.text(text)));
  }

  picture(settings: Readonly<Record<string, unknown>>, complete: boolean): void {
    const src = this.newPicture();
    const credit = complete && settings['credit'] ? [documentSchema.text('I took it')] : [];
    this.add(
      nodes.picture.create(
        {
          src,
          description: settings['description'] ? 'Grey water behind a wall' : '',
          licence: complete && settings['licence'] ? 'withName' : '',
        },
        [nodes.caption.create(null, documentSchema.text('The wall')), nodes.credit.create(null, credit)],
      ),
    );
  }

  /** A picture's name whose hash is like no other's. */
  newPicture(): string {
    this.made += 1;
    const src = `sample${this.made}`;
    this.hashes[src] = ((0x9e3779b97f4a7c15n * BigInt(this.made)) & 0xffffffffffffffffn)
      .toString(16)
      .padStart(16, '0');
    return src;
  }

  address(): string {
    this.made += 1;
    const address = `https://site${this.made}.example/page`;
    this.opens[address] = 'opens';
    return address;
  }

  nameAfter(pattern: string): void {
    if (this.amount >= 0.5)
      this.title = `${titlePattern(pattern, this.assignment).example.trimEnd()} What we saw`;
  }

  keepTitleWithin(characters: number): void {
    if (characters > 0) this.title = this.title.slice(0, characters);
  }

  label(...labels: readonly string[]): void {
    this.labels.push(...labels);
  }

  has(label: string): boolean {
    return this.labels.includes(label);
  }

  /** Further labels of the class, until there are so many. */
  labelUpTo(wanted: number): void {
    const further = this.assignment.classLabels.filter((label) => !this.has(label));
    this.label(...further.slice(0, Math.max(0, wanted - this.labels.length)));
  }

  writeTeaser(characters: number): void {
    const said = this.talk(characters).slice(0, Math.round(characters * this.amount));
    // A cut that falls between two words would make it one character shorter.
    this.teaser = said.replace(/\s$/, '.');
  }

  chooseCover(described: boolean): void {
    if (this.amount >= 0.5)
      this.cover = { src: this.newPicture(), description: described && this.isFull ? 'A grey wall' : '' };
  }

  confirm(id: string): void {
    if (this.isFull) this.confirmed.push(id);
  }

  get starters(): readonly string[] {
    return this.assignment.starters;
  }

  /** Paragraphs until the post has so many words, as a requirement counts them. */
  sayUpTo(wanted: number, requirement: Requirement): void {
    const options = countedBy({ ...requirement }, this.assignment.outline);
    const counted = countDocumentWords(this.post().body, options);
    // A paragraph ends with a whole sentence.
    const each = this.wholeSentences(WORDS_OF_A_PARAGRAPH);
    for (let left = wanted - counted; left > 0; left -= each) this.say(Math.min(left, each));
  }
}

type Part = (writer: SampleWriter, setting: (name: string) => number, requirement: Requirement) => void;

const EVERYTHING = { credit: true, description: true, licence: true };

/** What a sample does for each kind; null for what others or the machine say of a text, not the text itself. */
const PARTS: ForEachKind<Part | null> = {
  spelling: null,
  ownWords: null,
  comments: null,
  judged: null,
  title: (writer, setting, requirement) => {
    if (typeof requirement['startsWith'] === 'string') writer.nameAfter(requirement['startsWith']);
    writer.keepTitleWithin(setting('maxCharacters'));
  },
  parts: (writer, _, requirement) => {
    const headings = (requirement['headings'] ?? []) as readonly {
      readonly text: string;
      readonly minWords?: number;
    }[];
    for (const [index, { text, minWords = 0 }] of headings.slice(0, writer.some(headings.length)).entries()) {
      writer.heading(text);
      const isLast = index === headings.length - 1;
      writer.say(isLast && !writer.isFull ? Math.floor(minWords * 0.75) : Math.max(minWords, 8));
    }
  },
  entries: (writer, setting, requirement) => {
    for (let number = 1; number <= writer.some(setting('min')); number += 1) {
      writer.heading(`${number}. ${requirement['title'] ? 'A grey day' : ''}`.trim());
      writer.say(Math.max(setting('minWords'), 6));
      if (requirement['picture']) writer.picture(EVERYTHING, true);
    }
  },
  video: (writer, setting, requirement) => {
    writer.say(setting('introductionWords'));
    for (let count = 0; count < writer.some(setting('min'), requirement['max']); count += 1)
      writer.add(nodes.video.create({ address: writer.address(), title: 'A front comes in' }));
  },
  pictures: (writer, setting, requirement) => {
    const count = writer.some(setting('min'), requirement['max']);
    for (let index = 0; index < count; index += 1)
      writer.picture(requirement, writer.isFull || index < count - 1);
  },
  cover: (writer, _, requirement) => writer.chooseCover(requirement['description'] === true),
  links: (writer, setting) => {
    const count = Math.max(setting('min'), setting('differentSites'));
    for (let index = 0; index < writer.some(count); index += 1) {
      const mark = marks.link.create({ href: writer.address() });
      const words = writer.isFull || index > 0 ? 'our table of tides' : 'here';
      writer.add(
        nodes.paragraph.create(null, [documentSchema.text('See '), documentSchema.text(words, [mark])]),
      );
    }
  },
  document: (writer, setting) => {
    for (let index = 0; index < writer.some(setting('min')); index += 1)
      writer.add(nodes.sharedDocument.create({ address: writer.address(), title: 'Our notes' }));
  },
  quotations: (writer, setting, requirement) => {
    const count = writer.some(setting('min'));
    for (let index = 0; index < count; index += 1) {
      const sourced = requirement['source'] && (writer.isFull || index < count - 1);
      writer.add(
        nodes.blockquote.create(null, [
          nodes.paragraph.create(null, documentSchema.text('It smelled of iron.')),
          ...(sourced ? [nodes.quoteSource.create(null, documentSchema.text('The ferryman'))] : []),
        ]),
      );
    }
  },
  table: (writer, setting) => {
    const row = (text: string) =>
      nodes.tableRow.create(null, [
        nodes.tableCell.create(null, nodes.paragraph.create(null, documentSchema.text(text))),
      ]);
    const rows = Math.max(1, writer.some(Math.max(2, setting('minRows'))));
    for (let index = 0; index < writer.some(setting('min')); index += 1)
      writer.add(
        nodes.table.create(
          null,
          Array.from({ length: rows }, (_, line) => row(`Day ${line + 1}`)),
        ),
      );
  },
  labels: (writer, setting, requirement) => {
    writer.label(...((requirement['allOf'] ?? []) as readonly string[]));
    if (!writer.isFull) return;
    for (const group of (requirement['oneOf'] ?? []) as readonly (readonly string[])[])
      if (!group.some((label) => writer.has(label))) writer.label(...group.slice(0, 1));
    writer.labelUpTo(setting('min'));
  },
  teaser: (writer, setting, { maxCharacters = 60 }) =>
    writer.writeTeaser(Math.max(setting('minCharacters'), Math.min(60, Number(maxCharacters)))),
  starters: (writer, setting) => {
    for (const starter of writer.starters.slice(0, writer.some(setting('min')))) {
      const begun = begunStarter(starter);
      const text = writer.isFull ? `${begun} ${writer.talk(7)}` : `${begun} …`;
      writer.add(nodes.paragraph.create(null, documentSchema.text(text)));
    }
  },
  selfCheck: (writer, _, requirement) => writer.confirm(requirement.id),
  paragraphs: (writer, setting) => {
    const words = Math.min(12, setting('maxWordsEach') || 12);
    for (let index = 0; index < writer.some(setting('min')); index += 1) writer.say(words);
  },
  readingLevel: (writer, _, requirement) => {
    writer.sayUpTo(writer.some(writer.wholeSentences(LEAST_WORDS)), requirement);
  },
  words: (writer, setting, requirement) => {
    const [min, max] = [setting('min'), setting('max')];
    const wanted = Math.round((min > 0 ? min : max * 0.6) * (writer.isFull ? 1 : writer.some(100) / 100));
    writer.sayUpTo(wanted, requirement);
  },
};
