import type { Node } from 'prosemirror-model';
import { readHtml } from '../core/document/html/readHtml';
import { documentSchema } from '../core/document/schema';
import { gradebook } from '../core/gradebook/gradebook';
import type { GradebookInput } from '../core/gradebook/gradebookInput';
import { evaluate } from '../core/requirements/evaluate';
import type { AssignmentToCheck, Requirement } from '../core/requirements/requirement';
import { maybeSpeller } from '../workers/tasks/spellers';
import { measurement, type Measurement } from './measure';

const TURNS = 400;
/** So many runs are measured as one, since one alone is shorter than the clock is exact. */
const RUNS = 40;

/** Every kind that is measured in the browser, with settings that make it look at everything. */
const KINDS: readonly object[] = [
  { kind: 'words', min: 100, max: 4000 },
  { kind: 'paragraphs', min: 3, maxWordsEach: 120 },
  { kind: 'title', startsWith: '{number} ·', maxCharacters: 60 },
  { kind: 'parts', headings: [{ text: 'Part 3', minWords: 20 }, { text: 'Part 7' }], inOrder: true },
  { kind: 'starters', min: 1, noneUnfinished: true },
  { kind: 'pictures', min: 5, credit: true, description: true, distinct: true, every: true },
  { kind: 'cover', description: true, distinct: true },
  { kind: 'video', min: 0, introductionWords: 20 },
  { kind: 'links', min: 5, differentSites: 2, descriptiveText: true, every: true },
  { kind: 'document', min: 0, opens: true },
  { kind: 'quotations', min: 0, source: true },
  { kind: 'table', min: 0, minRows: 2 },
  { kind: 'entries', min: 1, picture: true, title: true, minWords: 5, sequential: true },
  { kind: 'labels', allOf: ['storm'], max: 5, classOnly: true },
  { kind: 'teaser', minCharacters: 20, maxCharacters: 160 },
  { kind: 'spelling', maxUnknown: 3 },
  { kind: 'readingLevel', from: 9, to: 14 },
  { kind: 'selfCheck', text: 'I read it aloud' },
];

const ASSIGNMENT: AssignmentToCheck = {
  number: 2,
  title: 'Bench',
  date: '2026-09-14',
  week: 3,
  language: 'en-GB',
  timeZone: 'Europe/Dublin',
  classLabels: ['storm', 'rain'],
  starters: ['I noticed that …', 'What surprised me was …'],
  outline: ['What I saw'],
  requirements: KINDS.map((settings, index) => ({
    id: `r${index}`,
    weight: 'required',
    points: 1,
    ...settings,
  })) as unknown as readonly Requirement[],
};

/** `evaluate-2000`, `evaluate-entries` and `key-growth`: how long a railing takes against a plain walk through the same text. */
export function benchCore(): readonly Measurement[] {
  const [text, railing] = timesOf([
    [document(20, 100), walk],
    [document(20, 100), railingOf],
  ]);
  const [walkEntries, railingEntries] = timesOf([
    [document(50, 40), walk],
    [document(50, 40), railingOf],
  ]);
  const [short, long] = timesOf([
    [document(20, 100), railingOf],
    [document(200, 100), railingOf],
  ]);
  return [
    measurement('evaluate-2000', railing, text),
    measurement('evaluate-entries', railingEntries, walkEntries),
    measurement('key-growth', long, short),
    benchGradebook(),
  ];
}

const STUDENTS = 200;
const COLUMNS = 60;

/** `gradebook-200x60`: all figures of a gradebook against one walk over the same cells. */
function benchGradebook(): Measurement {
  const book: GradebookInput = {
    columns: Array.from({ length: COLUMNS }, (_, at) => ({
      id: `column ${at}`,
      category: at % 6 === 5 ? null : `category ${at % 6}`,
      possible: [10, 20, 25][at % 3]!,
      due: `2026-11-${String(1 + (at % 28)).padStart(2, '0')}T16:00:00Z`,
    })),
    categories: Array.from({ length: 5 }, (_, at) => ({
      id: `category ${at}`,
      weight: at + 1,
      dropLowest: at % 2,
    })),
    missing: 'zero',
    now: '2026-11-20T12:00:00Z',
    students: Array.from({ length: STUDENTS }, (_, student) => ({
      id: `student ${student}`,
      cells: Object.fromEntries(
        Array.from({ length: COLUMNS }, (_each, at) => [
          `column ${at}`,
          (student + at) % 9 === 0 ? { handedIn: true } : { grade: ((student * 7 + at * 3) % 100) / 10 },
        ]),
      ),
    })),
  };
  const [walked, computed] = turnsOf(BOOK_TURNS, [() => sumOfCells(book), () => gradebook(book)]);
  return measurement(`gradebook-${STUDENTS}x${COLUMNS}`, computed, walked);
}

function sumOfCells({ columns, students }: GradebookInput): number {
  let sum = 0;
  for (const { cells } of students) for (const { id } of columns) sum += cells[id]?.grade ?? 0;
  return sum;
}

const BOOK_TURNS = 60;

/**
 * The times of two works that take turns, so that what else the machine does falls on both.
 * @param works each is told the how-many-th run it is
 */
function turnsOf(
  turns: number,
  works: readonly [(run: number) => unknown, (run: number) => unknown],
): readonly [number, number] {
  const taken: readonly [number[], number[]] = [[], []];
  for (let turn = 0; turn < turns; turn += 1)
    for (const [index, work] of works.entries()) {
      const start = performance.now();
      for (let run = 0; run < RUNS; run += 1) work(turn * RUNS + run);
      taken[index]?.push(performance.now() - start);
    }
  return [middle(taken[0]), middle(taken[1])];
}

type Work = readonly [body: Node, work: (body: Node) => unknown];

/** The times of two works on documents in which, as after every key, one paragraph is another than before. */
function timesOf([[body, one], [otherBody, other]]: readonly [Work, Work]): readonly [number, number] {
  return turnsOf(TURNS, [(key) => one(typedInto(body, key)), (key) => other(typedInto(otherBody, key))]);
}

/** The middle time of one run, of those turns after the engine has compiled what it compiles on the way. */
function middle(taken: readonly number[]): number {
  const settled = taken.slice(Math.floor(taken.length / 2)).sort((one, other) => one - other);
  return (settled[Math.floor(settled.length / 2)] ?? 0) / RUNS;
}

function typedInto(body: Node, key: number): Node {
  const words = `one more ${key}`;
  return body.copy(
    body.content.replaceChild(1, documentSchema.node('paragraph', null, [documentSchema.text(words)])),
  );
}

/** The floor: a plain walk through a document that collects its text, a line for each block, and remembers nothing. */
function walk(body: Node): string {
  const text: string[] = [];
  body.descendants((node) => {
    if (node.isText) text.push(node.text ?? '');
    else if (node.isTextblock) text.push('\n');
    return true;
  });
  return text.join('');
}

/** What stands beside a text stays as it is while the text is written. */
const BESIDE = {
  title: '2 · Bench',
  labels: ['storm'],
  teaser: 'A post to be measured with.',
  cover: { src: 'cover', description: 'a sky' },
  speller: await maybeSpeller('en-GB'),
};

function railingOf(body: Node) {
  return evaluate(ASSIGNMENT, { ...BESIDE, body });
}

const WORDS = 'the fog came in from the sea at night and nobody saw where it began or how far it went'.split(
  ' ',
);

/** A post of so many numbered parts, each with a picture, a link and so many words. */
function document(parts: number, words: number): Node {
  const html = Array.from({ length: parts }, (_, part) => {
    const text = Array.from({ length: words - 3 }, (__, index) => WORDS[(index * 7 + part) % WORDS.length]);
    const half = Math.floor(text.length / 2);
    return `<h2>${part + 1}. Part ${part + 1}</h2>
      <p>I noticed that ${text.slice(0, half).join(' ')}.</p>
      <figure><img src="p${part}" alt="a sky"><figcaption>Sky <cite>Ines</cite></figcaption></figure>
      <p>${text.slice(half).join(' ')} <a href="https://site${part % 9}.example/${part}">tide tables</a>.</p>`;
  });
  return readHtml(html.join(''));
}
