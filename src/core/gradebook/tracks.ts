import { groupedBy } from '../groupedBy';
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

/** What a column belongs to. */
interface Placed {
  readonly categoryId: string | null;
  /** The assignment that it repeats; null for one that stands for itself. */
  readonly series: { readonly id: string } | null;
}

/**
 * How the columns of a gradebook stand beside each other: by category in their order, those without one last; in a category the
 * repetitions of a series stand together, where the first of them is.
 */
export function trackGroups(
  categories: readonly Category[],
  columns: readonly Placed[],
): readonly TrackGroup[] {
  const categoryOf = amongCategories(categories);
  const of = (id: string | null): readonly Track[] => {
    const own = columns.flatMap(({ categoryId, series }, index) =>
      categoryOf(categoryId) === id ? [{ index, key: series?.id ?? `column ${index}` }] : [],
    );
    const at = [...groupedBy(own, ({ key }) => key).values()].flat().map(({ index }) => index);
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

/** Strips that stand beside each other and repeat one assignment: where they begin, how many there are, and which one that is. */
export interface SeriesRun {
  readonly seriesId: string;
  readonly from: number;
  readonly count: number;
}

/** The runs of two repetitions and more among strips, in their order. */
export function seriesRuns(tracks: readonly Track[], columns: readonly Placed[]): readonly SeriesRun[] {
  const runs: SeriesRun[] = [];
  for (const [from, track] of tracks.entries()) {
    const seriesId = track.kind === 'column' ? columns[track.at]?.series?.id : undefined;
    const last = runs.at(-1);
    if (seriesId === undefined) continue;
    if (last?.seriesId === seriesId && last.from + last.count === from)
      runs[runs.length - 1] = { ...last, count: last.count + 1 };
    else runs.push({ seriesId, from, count: 1 });
  }
  return runs.filter(({ count }) => count > 1);
}

/** So many columns stand readably on a sheet of paper in landscape. */
const COLUMNS_OF_SHEET = 9;

/** The places of the columns on each sheet of a print, in the order of the grid; one sheet, for the totals, where there are none. */
export function printSheets(
  categories: readonly Category[],
  columns: readonly Placed[],
): readonly (readonly number[])[] {
  const places = trackGroups(categories, columns)
    .flatMap(({ tracks }) => tracks)
    .flatMap((track) => (track.kind === 'column' ? [track.at] : []));
  const sheets = Math.max(1, Math.ceil(places.length / COLUMNS_OF_SHEET));
  return Array.from({ length: sheets }, (_, at) =>
    places.slice(at * COLUMNS_OF_SHEET, (at + 1) * COLUMNS_OF_SHEET),
  );
}
