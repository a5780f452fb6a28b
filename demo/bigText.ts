import { randomFrom } from './draw/random';

/** How large a class is that is made to be measured with. */
export interface BigSize {
  readonly posts: number;
  readonly students: number;
}

const MOST_POSTS = 100_000;
const MOST_STUDENTS = 5_000;

/** Reads `3000x300`, posts by students; null for what is no such size, or has fewer posts than students. */
export function maybeBigSize(text: string): BigSize | null {
  const [, posts = '', students = ''] = /^(\d{1,6})x(\d{1,4})$/.exec(text) ?? [];
  const size = { posts: Number(posts), students: Number(students) };
  const fits = size.students >= 1 && size.students <= MOST_STUDENTS && size.posts <= MOST_POSTS;
  return fits && size.posts >= size.students ? size : null;
}

const GIVEN = [
  'Ada',
  'Bo',
  'Cleo',
  'Dov',
  'Ena',
  'Finn',
  'Gwen',
  'Hal',
  'Ida',
  'Jory',
  'Kit',
  'Lio',
  'Mina',
  'Ned',
  'Ola',
  'Per',
];
const FAMILY = [
  'Ashlock',
  'Brine',
  'Cobble',
  'Dunmarsh',
  'Eddy',
  'Fenlow',
  'Gullet',
  'Harrow',
  'Inlet',
  'Jetty',
  'Kelp',
  'Loam',
];

/** The names of so many students, each another one. */
export function bigNames(count: number): readonly string[] {
  return Array.from({ length: count }, (_, index) => {
    const given = GIVEN[index % GIVEN.length] ?? '';
    const family = FAMILY[Math.floor(index / GIVEN.length) % FAMILY.length] ?? '';
    const round = Math.floor(index / (GIVEN.length * FAMILY.length));
    // Names have no figures: who comes in a further round is called by one more.
    return `${given} ${family}${' Shore'.repeat(round > 0 ? 1 : 0)}${'e'.repeat(Math.max(0, round - 1))}`;
  });
}

const WORDS =
  'the fog came in from sea at night and nobody saw where it began we walked along shore with cold hands to find out how far a wave had gone stones shells rope glass one boot small crab under weed grey light wind turned again before noon tide took our line of sticks away so next day more'.split(
    ' ',
  );

/** A text of some paragraphs, the same for the same seed, in HTML. */
export function bigText(seed: number): { readonly title: string; readonly html: string } {
  const random = randomFrom(seed);
  const some = (from: number, to: number) => from + Math.floor(random() * (to - from));
  const words = (count: number) =>
    Array.from({ length: count }, () => WORDS[some(0, WORDS.length)] ?? '').join(' ');
  const sentence = () => {
    const text = words(some(6, 16));
    return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
  };
  const paragraph = () => `<p>${Array.from({ length: some(2, 6) }, sentence).join(' ')}</p>`;
  const title = words(some(2, 5));
  return {
    title: `${title.charAt(0).toUpperCase()}${title.slice(1)} ${seed}`,
    html: Array.from({ length: some(3, 8) }, paragraph).join(''),
  };
}
