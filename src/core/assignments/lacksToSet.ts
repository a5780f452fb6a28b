import { saysSomething } from '../document/saysSomething';
import { limitsCross } from '../requirements/limitsCross';
import type { Requirement } from '../requirements/requirement';
import type { AssignmentSettings } from './assignmentSettings';

/** What an assignment can lack before students are shown it. */
type LackKind =
  | 'noTitle'
  | 'noInstructions'
  | 'noDue'
  | 'limitsCross'
  | 'noBays'
  | 'noWords'
  | 'asksNothing'
  | 'noLevelWords'
  | 'noModelTitle'
  | 'emptyModel'
  | 'outsideSeries';

export interface LackToSet {
  readonly kind: LackKind;
  /** The field that it is about, such as `requirements.2`. */
  readonly at: string;
  /** Whether it cannot be set as long as this lacks; the others are only said. */
  readonly stops: boolean;
  /** What it is called where there are several: a criterion's name, `{week}`. */
  readonly name?: string;
}

/** What is wanted of the day of a repetition, and means nothing elsewhere. */
const OF_A_SERIES = ['{week}', '{date}'] as const;

/** Kinds that are nothing but the teacher's words. */
const WORDS_ALONE = ['judged', 'selfCheck'];
/** What goes along with what is asked, and asks for nothing by itself. */
const ALONG = new Set(['id', 'kind', 'weight', 'points', 'partial', 'text', 'tolerance', 'inOrder']);
/** Kinds that ask for something by being there. */
const ASKING_BY_THEMSELVES = ['cover', 'teaser', ...WORDS_ALONE];

/**
 * All that is empty or wrong in an assignment that is about to be set, what stops it first.
 * @param dated whether it needs a due time of its own; a series gives one to each repetition
 */
export function lacksToSet(
  assignment: AssignmentSettings & { readonly isDue: boolean },
  { dated, repeated }: { readonly dated: boolean; readonly repeated: boolean },
): readonly LackToSet[] {
  const { title, instructions, requirements } = assignment;
  const stops = (kind: LackKind, at: string): LackToSet => ({ kind, at, stops: true });
  return [
    ...(title.trim() ? [] : [stops('noTitle', 'title')]),
    ...(saysSomething(instructions) ? [] : [stops('noInstructions', 'instructions')]),
    ...(dated && !assignment.isDue ? [stops('noDue', 'due')] : []),
    ...requirements.flatMap((one, index) =>
      limitsCross(one) ? [stops('limitsCross', `requirements.${index}`)] : [],
    ),
    ...lacksOfBays(requirements),
    ...lacksOfRubric(assignment),
    ...lacksOfModel(assignment),
    ...(repeated ? [] : lacksOfSeries(assignment)),
  ];
}

function lacksOfBays(requirements: readonly Requirement[]): readonly LackToSet[] {
  if (requirements.length === 0) return [{ kind: 'noBays', at: 'requirements', stops: false }];
  return requirements.flatMap((one, index): LackToSet[] => {
    const at = `requirements.${index}`;
    if (WORDS_ALONE.includes(one.kind) && !one.text?.trim()) return [{ kind: 'noWords', at, stops: false }];
    if (!ASKING_BY_THEMSELVES.includes(one.kind) && !asksSomething(one))
      return [{ kind: 'asksNothing', at, stops: false }];
    return [];
  });
}

function asksSomething(requirement: Requirement): boolean {
  return Object.entries(requirement).some(
    ([setting, value]) =>
      !ALONG.has(setting) && value !== false && value !== '' && !(Array.isArray(value) && value.length === 0),
  );
}

function lacksOfRubric({ rubric }: AssignmentSettings): readonly LackToSet[] {
  return rubric.flatMap(({ name, levels }, index) =>
    levels.some((level) => level.description.trim() === '')
      ? [{ kind: 'noLevelWords', at: `rubric.${index}`, stops: false, name } as const]
      : [],
  );
}

function lacksOfModel({ model }: AssignmentSettings): readonly LackToSet[] {
  if (!model) return [];
  if (!saysSomething(model.body)) return [{ kind: 'emptyModel', at: 'model', stops: false }];
  return model.title.trim() ? [] : [{ kind: 'noModelTitle', at: 'model', stops: false }];
}

function lacksOfSeries({ title, requirements, outline }: AssignmentSettings): readonly LackToSet[] {
  const places: readonly (readonly [string, unknown])[] = [
    ['title', title],
    ...requirements.map((one, index) => [`requirements.${index}`, one] as const),
    ['outline', outline],
  ];
  return places.flatMap(([at, said]) => {
    const name = OF_A_SERIES.find((gap) => JSON.stringify(said).includes(gap));
    return name ? [{ kind: 'outsideSeries', at, stops: false, name } as const] : [];
  });
}
