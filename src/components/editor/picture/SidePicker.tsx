'use client';
import { useMadeWords } from '../../basics/useMadeWords';

/** How wide a picture is, in per cent of the text, and on which side the text runs around it. */
export interface Place {
  readonly width: number;
  readonly side: string;
}

const PLACES: readonly (Place & { readonly name: string })[] = [
  { name: 'thirdStart', width: 33, side: 'start' },
  { name: 'halfStart', width: 50, side: 'start' },
  { name: 'whole', width: 100, side: 'full' },
  { name: 'halfEnd', width: 50, side: 'end' },
  { name: 'thirdEnd', width: 33, side: 'end' },
];

/** Small drawings of where a picture may stand among the words. */
export function SidePicker({ width, side, onPick }: Place & { readonly onPick: (place: Place) => void }) {
  const t = useMadeWords('editor.picture.places');
  return (
    <fieldset className="flex flex-wrap gap-1.5">
      <legend className="sr-only">{t('label')}</legend>
      {PLACES.map((place) => {
        const on = place.side === side && (side === 'full' || place.width === width);
        return (
          <button
            key={place.name}
            type="button"
            className="side-place"
            aria-pressed={on}
            onClick={() => onPick({ width: place.width, side: place.side })}
          >
            <span aria-hidden="true" data-side={place.side} style={{ '--w': `${place.width}%` } as object}>
              <i />
            </span>
            {t(place.name)}
          </button>
        );
      })}
    </fieldset>
  );
}
