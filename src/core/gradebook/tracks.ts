import { amongCategories, type Category } from './rules';

/** A strip of the grid from top to bottom: a column, or the per cent of a category after its columns. */
export type Track =
  | {
      readonly kind: 'column';
      readonly at: number;
      readonly categoryId: string | null;
      readonly first: boolean;
    }
  | { readonly kind: 'percent'; readonly categoryId: string | null };

/** Columns that stand together under one name. */
export interface TrackGroup {
  /** Null for the columns without a category. */
  readonly category: Category | null;
  /** Its share of the total in per cent, where several categories count; null where it says nothing. */
  readonly share: number | null;
  readonly tracks: readonly Track[];
}

/** How the columns of a gradebook stand beside each other: by category in their order, those without one last. */
export function trackGroups(
  categories: readonly Category[],
  columns: readonly { readonly categoryId: string | null }[],
): readonly TrackGroup[] {
  const categoryOf = amongCategories(categories);
  const of = (id: string | null): readonly Track[] => {
    const at = columns.flatMap(({ categoryId }, index) => (categoryOf(categoryId) === id ? [index] : []));
    if (at.length === 0) return [];
    return [
      ...at.map((index, place) => ({
        kind: 'column' as const,
        at: index,
        categoryId: id,
        first: place === 0,
      })),
      { kind: 'percent', categoryId: id },
    ];
  };
  const groups = [
    ...categories.map((category) => ({ category, weight: category.weight, tracks: of(category.id) })),
    { category: null, weight: 1, tracks: of(null) },
  ].filter(({ tracks }) => tracks.length > 0);
  const weights = groups.reduce((sum, { weight }) => sum + weight, 0);
  return groups.map(({ category, weight, tracks }) => ({
    category,
    tracks,
    share: groups.length > 1 && weights > 0 ? (weight / weights) * 100 : null,
  }));
}

/** So many columns stand readably on a sheet of paper in landscape. */
const COLUMNS_OF_SHEET = 9;

/** The places of the columns on each sheet of a print, in the order of the grid; one sheet, for the totals, where there are none. */
export function printSheets(
  categories: readonly Category[],
  columns: readonly { readonly categoryId: string | null }[],
): readonly (readonly number[])[] {
  const places = trackGroups(categories, columns)
    .flatMap(({ tracks }) => tracks)
    .flatMap((track) => (track.kind === 'column' ? [track.at] : []));
  const sheets = Math.max(1, Math.ceil(places.length / COLUMNS_OF_SHEET));
  return Array.from({ length: sheets }, (_, at) =>
    places.slice(at * COLUMNS_OF_SHEET, (at + 1) * COLUMNS_OF_SHEET),
  );
}
