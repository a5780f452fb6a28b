import type { Track } from '../../core/gradebook/tracks';

/** In pixels; the style sheet has the same. */
export const ROW = 26;
export const HEAD = 80;
export const FOOT = 28;
export const NAME = 148;
export const TOTAL = 86;
export const WIDTHS: Readonly<Record<Track['kind'], number>> = { column: 104, percent: 54 };

/** How the strips of the grid lie, and which of them are to be seen. */
export interface GridLayout {
  readonly tracks: readonly Track[];
  /** Where each begins, in pixels. */
  readonly lefts: readonly number[];
  /** Those that are to be seen, by their places. */
  readonly shown: readonly number[];
  /** At which stop of the keys each is; -1 for a per cent, which is none. */
  readonly stopOf: (track: Track) => number;
  readonly stops: number;
}

export function leftsOf(tracks: readonly Track[]): readonly number[] {
  let left = NAME;
  return tracks.map(({ kind }) => {
    const at = left;
    left += WIDTHS[kind];
    return at;
  });
}

/** Those of some classes that hold. */
export function classesOf(classes: Readonly<Record<string, boolean>>): string {
  return Object.keys(classes)
    .filter((name) => classes[name])
    .join(' ');
}
