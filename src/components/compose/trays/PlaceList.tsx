'use client';
import type { Place } from '../../../core/requirements/answer';
import { Mark } from '../../basics/Mark';
import { placeShown } from '../../editor/atPlace';
import { goTo } from '../../editor/goTo';
import type { TrayContentProps } from './trayProps';
import { useMadeWords } from '../../basics/useMadeWords';

interface PlaceListProps extends Pick<TrayContentProps, 'editor' | 'answer' | 'lower'> {
  /** What is done at a place beside taking the writer there. */
  readonly onGo?: (place: Place) => void;
}

/** The places that a requirement speaks of, with what is wrong there; each line takes the writer to it. */
export function PlaceList({ editor, answer, lower, onGo }: PlaceListProps) {
  const t = useMadeWords('requirements');
  if (answer.places.length === 0) return null;
  return (
    <ul className="rows">
      {answer.places.map((place) => (
        <li key={`${place.from} ${place.reason}`} className="!grid-cols-[1fr_auto] !py-1.5">
          <span className="grid min-w-0">
            <span className="flex items-center gap-2">
              <Mark id="s-h" className="s" />
              <b className="truncate">{placeShown(editor, place).words || '…'}</b>
            </span>
            <span className="pl-6 text-[14px] text-clay">{t(`${answer.kind}.places.${place.reason}`)}</span>
          </span>
          <button
            type="button"
            className="act"
            onClick={() => {
              (onGo ?? ((at: Place) => goTo(editor, at)))(place);
              lower();
            }}
          >
            {t(`${answer.kind}.tray.go`)}
          </button>
        </li>
      ))}
    </ul>
  );
}
