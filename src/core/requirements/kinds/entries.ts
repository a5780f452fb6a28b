import type { Node } from 'prosemirror-model';
import { reading } from '../../document/reading';
import { sectionReads, sections } from '../../document/sections';
import type { Place } from '../answer';
import { known, messageOfNothing, ofEach, targetOf, withinLimits, type Condition } from '../condition';
import { entryNumberReader } from '../entryNumber';
import type { RequirementKind } from '../kind';
import type { AssignmentContext } from '../requirement';
import { numberedEntries, type Numbering } from '../numberedEntries';
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

/** An entry that lacks something. */
interface Lacking {
  /** Which of the headings it is. */
  readonly at: number;
  readonly number: number;
  readonly lacks: readonly Lack[];
}

/** Numbered entries of a growing post: the numbered headings at the level of the first numbered one. */
export const entries: RequirementKind<EntriesSettings> = {
  kind: 'entries',
  settings: { min: count, max: count, picture: flag, title: flag, minWords: count, sequential: flag },
  measure(settings, post, assignment) {
    const { body } = post;
    const { places: at, numbers, numbering } = numberedEntries(body, assignment.language);
    const lacking = lackingOf(settings, body, assignment);
    const all = numbers.length;
    const complete = all - lacking.length;
    const [first] = lacking;
    const { min = 0, max } = settings;
    const found = { all, complete, numbering };
    const conditions = conditionsOf(settings, found);
    const key = messageKey(settings, found) ?? messageOfNothing(conditions);
    return {
      measured: complete,
      target: targetOf(settings),
      conditions,
      places: [
        ...lacking.flatMap(({ at: place, lacks }) => lacks.map((reason) => placeOf(body, place, reason))),
        ...(settings.sequential && numbering.share < 1
          ? twice(numbers).map((index) => placeOf(body, at[index]!, 'twice'))
          : []),
      ],
      message: {
        key,
        values: {
          measured: complete,
          all,
          min,
          max: max ?? 0,
          toGo: Math.max(0, min - complete),
          number: key === 'incomplete' ? (first?.number ?? 0) : numbering.number,
          tooMany: Math.max(0, all - (max ?? all)),
          lack: key === 'incomplete' && first ? first.lacks[0]! : key,
        },
      },
    };
  },
};

/** The entries that lack something of what is asked of each. */
function lackingOf(
  { title = false, picture = false, minWords = 0 }: EntriesSettings,
  body: Node,
  { language, outline }: AssignmentContext,
): readonly Lacking[] {
  const titles = reading(body).ofHeadings('entry numbers', language, entryNumberReader(language));
  const { places, numbers } = numberedEntries(body, language);
  const sectionsRead = sectionReads(body, { outline });
  const lacking: Lacking[] = [];
  for (let index = 0; index < places.length; index += 1) {
    const at = places[index]!;
    const { hasPicture, words } = sectionsRead[at]!;
    const untitled = title && !titles[at]?.titled;
    const [bare, short] = [picture && !hasPicture, words < minWords];
    if (!untitled && !bare && !short) continue;
    const lacks: Lack[] = [];
    if (untitled) lacks.push('title');
    if (bare) lacks.push('picture');
    if (short) lacks.push('words');
    lacking.push({ at, number: numbers[index]!, lacks });
  }
  return lacking;
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

/** Which of some numbers stand there before. */
function twice(numbers: readonly number[]): readonly number[] {
  return numbers.flatMap((number, index) => (numbers.indexOf(number) < index ? [index] : []));
}

/** Where a section stands. Only asked for what lacks something: most keys move all of them. */
function placeOf(body: Node, at: number, reason: string): Place {
  const { position, end } = sections(body)[at]!;
  return { from: position, to: end, reason };
}
