import type { GradebookInput } from './gradebookInput';

/** The steps that per cents are rounded to. */
export const ROUNDINGS = [0.1, 0.5, 1] as const;

/** Columns that count together, as a class keeps them. */
export interface Category {
  readonly id: string;
  readonly title: string;
  /** How much it counts beside the others. */
  readonly weight: number;
  /** So many of its lowest cells are left out. */
  readonly dropLowest: number;
}

/** By which rules a class makes its figures. */
export interface GradebookRules {
  readonly counting: 'points' | 'equal';
  readonly missing: 'zero' | 'leftOut';
  /** No total goes beyond so many per cent; null for no cap. */
  readonly cap: number | null;
  /** The step that per cents are rounded to. */
  readonly rounding: (typeof ROUNDINGS)[number];
  /** A word or letter for each total from so many per cent on; may be none. */
  readonly bands: readonly { readonly letter: string; readonly from: number }[];
  /** In the order in which they stand. */
  readonly categories: readonly Category[];
}

/** How a class counts until somebody says otherwise. */
export const FIRST_RULES: GradebookRules = {
  counting: 'points',
  missing: 'leftOut',
  cap: null,
  rounding: 0.1,
  bands: [],
  categories: [],
};

const percent = { type: 'number', minimum: 0, maximum: 1000 } as const;

/** JSON Schemas of the rules. */
export const rulesFields = {
  counting: { enum: ['points', 'equal'] },
  missing: { enum: ['zero', 'leftOut'] },
  cap: { anyOf: [percent, { type: 'null' }] },
  rounding: { enum: ROUNDINGS },
  bands: {
    type: 'array',
    maxItems: 20,
    items: {
      type: 'object',
      required: ['letter', 'from'],
      additionalProperties: false,
      properties: { letter: { type: 'string', minLength: 1, maxLength: 40 }, from: percent },
    },
  },
  categories: {
    type: 'array',
    maxItems: 40,
    items: {
      type: 'object',
      required: ['id', 'title', 'weight', 'dropLowest'],
      additionalProperties: false,
      properties: {
        id: { type: 'string', pattern: '^[A-Za-z0-9_-]{1,16}$' },
        title: { type: 'string', minLength: 1, maxLength: 60, pattern: '\\S' },
        weight: { type: 'number', minimum: 0, maximum: 1000 },
        dropLowest: { type: 'integer', minimum: 0, maximum: 50 },
      },
    },
  },
} as const;

/** What does not go together in some rules. */
export type RulesFault = 'bandTwice' | 'categoryTwice' | 'noWeight';

/** What does not go together, or null where all does: two bands that begin together, a category twice, weights that are all 0. */
export function faultOfRules({ bands, categories }: GradebookRules): RulesFault | null {
  if (new Set(bands.map(({ from }) => from)).size < bands.length) return 'bandTwice';
  const titles = new Set(categories.map(({ title }) => title.trim().toLocaleLowerCase()));
  const ids = new Set(categories.map(({ id }) => id));
  if (titles.size < categories.length || ids.size < categories.length) return 'categoryTwice';
  return categories.length > 0 && categories.every(({ weight }) => weight === 0) ? 'noWeight' : null;
}

/** Says of a category whether it is one of these; of one that is not there any more, as of none, null. */
export function amongCategories(
  categories: readonly { readonly id: string }[],
): (categoryId: string | null) => string | null {
  const known = new Set(categories.map(({ id }) => id));
  return (categoryId) => (categoryId !== null && known.has(categoryId) ? categoryId : null);
}

/** Whether two rules make the same figures of the same cells. */
export function countAlike(one: GradebookRules, another: GradebookRules): boolean {
  return JSON.stringify(asInput(one)) === JSON.stringify(asInput(another));
}

/** The rules as the figures are made by them. */
export function asInput({
  counting,
  missing,
  cap,
  rounding,
  bands,
  categories,
}: GradebookRules): Pick<
  GradebookInput,
  'counting' | 'missing' | 'cap' | 'rounding' | 'bands' | 'categories'
> {
  return {
    ...{ counting, missing, cap, rounding, bands },
    categories: categories.map(({ id, weight, dropLowest }) => ({ id, weight, dropLowest })),
  };
}
