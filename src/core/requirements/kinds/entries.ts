import { reading } from '../../document/reading';
import { placeBefore, sections, wordCounter, type Section } from '../../document/sections';
import type { Place } from '../answer';
import { known, messageOfNothing, ofEach, targetOf, withinLimits, type Condition } from '../condition';
import { entryNumberReader } from '../entryNumber';
import type { RequirementKind } from '../kind';
import type { PostToCheck } from '../post';
import type { AssignmentContext } from '../requirement';
import { count, flag } from '../settings';

interface EntriesSettings {
  readonly min?: number;
  readonly max?: number;
  /** Each with a picture. */
  readonly picture?: boolean;
  /** Each with a title after its number. */
  readonly title?: boolean;
  /** Least words in each. */
  readonly minWords?: number;
  /** Numbered without gaps, from 1, rising or falling. */
  readonly sequential?: boolean;
}

type Lack = 'picture' | 'title' | 'words';

interface Entry {
  readonly section: Section;
  readonly number: number;
  readonly lacks: readonly Lack[];
}

/** Numbered entries of a growing post: the numbered headings at the level of the first numbered one. */
export const entries: RequirementKind<EntriesSettings> = {
  kind: 'entries',
  settings: { min: count, max: count, picture: flag, title: flag, minWords: count, sequential: flag },
  measure(settings, post, assignment) {
    const all = entriesOf(settings, post, assignment);
    let complete = 0;
    for (const entry of all) if (entry.lacks.length === 0) complete += 1;
    const numbering = numberingOf(all.map((entry) => entry.number));
    const first = all.find((entry) => entry.lacks.length > 0);
    const { min = 0, max } = settings;
    const found = { all: all.length, complete, numbering };
    const conditions = conditionsOf(settings, found);
    const key = messageKey(settings, found) ?? messageOfNothing(conditions);
    return {
      measured: complete,
      target: targetOf(settings),
      conditions,
      places: [...lacking(all), ...(settings.sequential && numbering.share < 1 ? numberedTwice(all) : [])],
      message: {
        key,
        values: {
          measured: complete,
          all: all.length,
          min,
          max: max ?? 0,
          toGo: Math.max(0, min - complete),
          number: key === 'incomplete' ? (first?.number ?? 0) : numbering.number,
          tooMany: Math.max(0, all.length - (max ?? all.length)),
          lack: key === 'incomplete' && first ? first.lacks[0]! : key,
        },
      },
    };
  },
};

/** Most entries lack nothing: at every key they share this. */
const NOTHING: readonly Lack[] = [];

function entriesOf(
  settings: EntriesSettings,
  { body }: PostToCheck,
  { language, outline }: AssignmentContext,
): readonly Entry[] {
  const numbers = reading(body).ofHeadings('entry numbers', language, entryNumberReader(language));
  const shown = settings.picture ? reading(body).picturePositions : [];
  const words = wordCounter(body, { outline });
  const entries: Entry[] = [];
  let level: number | null = null;
  const all = sections(body);
  for (let index = 0; index < all.length; index += 1) {
    const section = all[index]!;
    const found = numbers[index];
    if (!found) continue;
    level ??= section.level;
    if (section.level !== level) continue;
    const { position, end } = section;
    let lacks = NOTHING;
    if (settings.title && !found.titled) lacks = [...lacks, 'title'];
    if (settings.picture && placeBefore(shown, end) <= placeBefore(shown, position))
      lacks = [...lacks, 'picture'];
    if (settings.minWords !== undefined && words(position + 1, end) < settings.minWords)
      lacks = [...lacks, 'words'];
    entries.push({ section, number: found.number, lacks });
  }
  return entries;
}

interface Found {
  readonly complete: number;
  readonly all: number;
  readonly numbering: Numbering;
}

function conditionsOf(settings: EntriesSettings, { complete, all, numbering }: Found): Condition[] {
  const asksOfEach = settings.picture || settings.title || settings.minWords !== undefined;
  const conditions: Condition[] = [];
  if (settings.min !== undefined || settings.max !== undefined)
    conditions.push(withinLimits(settings, complete, { all }));
  if (settings.min === undefined && asksOfEach) conditions.push(ofEach(complete, all));
  if (settings.sequential) conditions.push(known(numbering.share));
  return conditions;
}

/** Null where nothing is there. */
function messageKey(
  { min, max, sequential }: EntriesSettings,
  { complete, all, numbering }: Found,
): string | null {
  if (max !== undefined && all > max) return 'over';
  if (all > complete && (min === undefined || complete < min)) return 'incomplete';
  if (complete < (min ?? 0)) return 'below';
  if (sequential && numbering.share < 1 && all > 0) return numbering.fault;
  return all === 0 ? null : 'enough';
}

function lacking(all: readonly Entry[]): readonly Place[] {
  const places: Place[] = [];
  for (const { section, lacks } of all)
    for (const reason of lacks) places.push({ from: section.position, to: section.end, reason });
  return places;
}

function numberedTwice(all: readonly Entry[]): readonly Place[] {
  return all
    .filter((entry, index) => all.findIndex((other) => other.number === entry.number) < index)
    .map(({ section }) => ({ from: section.position, to: section.end, reason: 'twice' }));
}

interface Numbering {
  /** The different numbers found in 1 … n ÷ n; ½ if only the order is mixed. */
  readonly share: number;
  readonly fault: 'gap' | 'twice' | 'order';
  /** The number that is missing or stands twice; 0 where the order is mixed. */
  readonly number: number;
}

function numberingOf(numbers: readonly number[]): Numbering {
  if (numbers.length === 0) return { share: 0, fault: 'gap', number: 1 };
  // As nearly every post has them, looked at first since it is looked at with every key.
  if (numbers[0] === 1 && goesBy(1, numbers)) return { share: 1, fault: 'order', number: 0 };
  const highest = Math.max(...numbers, numbers.length);
  const found = new Set(numbers.filter((number) => number >= 1));
  if (found.size < highest) {
    const twice = numbers.find((number, index) => numbers.indexOf(number) < index);
    const missing = Array.from({ length: highest }, (_, index) => index + 1).find((one) => !found.has(one));
    return {
      share: found.size / highest,
      fault: twice === undefined ? 'gap' : 'twice',
      number: twice ?? missing ?? 0,
    };
  }
  return { share: goesBy(1, numbers) || goesBy(-1, numbers) ? 1 : 0.5, fault: 'order', number: 0 };
}

function goesBy(step: number, numbers: readonly number[]): boolean {
  return numbers.every((number, index) => index === 0 || number === numbers[index - 1]! + step);
}
