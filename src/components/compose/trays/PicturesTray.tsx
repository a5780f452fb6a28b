'use client';
import { pictureAddress } from '../../../core/document/pictureAddress';
import { pictures } from '../../../core/document/pictures';
import { Mark } from '../../basics/Mark';
import { creditPicture } from '../../editor/atPlace';
import { goTo } from '../../editor/goTo';
import type { TrayContentProps } from './trayProps';
import { useMadeWords } from '../../basics/useMadeWords';

/** Every picture with what it lacks; each line leads to the place where it is missing. */
export function PicturesTray({ editor, answer, writer, addPictures, lower }: TrayContentProps) {
  const t = useMadeWords('requirements.pictures.tray');
  const at = useMadeWords('requirements.pictures.places');
  const toGo = Number(answer.message.values['toGo'] ?? 0);
  const missing = toGo - new Set(answer.places.map((place) => place.from)).size;
  return (
    <div className="mt-2 grid gap-3">
      <ul className="rows">
        {pictures(editor.state.doc).map((picture) => {
          const places = answer.places.filter((place) => place.from === picture.position);
          return (
            <li key={picture.position} className="!grid-cols-[72px_1fr] !py-2">
              <img
                src={pictureAddress(picture.src, 480)}
                alt=""
                className="h-12 w-[72px] rounded object-cover"
              />
              <div className="grid min-w-0 gap-1">
                <span className="flex min-w-0 items-center gap-2">
                  <Mark id={places.length ? 's-h' : 's-m'} className="s" />
                  <b className="truncate">{picture.caption || picture.description || t('noCaption')}</b>
                </span>
                {places.map((place) => (
                  <span
                    key={place.reason}
                    className="flex flex-wrap items-center gap-x-4 gap-y-1 pl-6 text-[14px]"
                  >
                    <span className="text-clay">{at(place.reason)}</span>
                    {place.reason === 'credit' ? (
                      <button
                        type="button"
                        className="act"
                        onClick={() => creditPicture(editor, place, writer.nameOutside)}
                      >
                        {t('iTookIt')}
                      </button>
                    ) : null}
                    <button
                      type="button"
                      className="act"
                      onClick={() => {
                        goTo(editor, place);
                        lower();
                      }}
                    >
                      {t(`go.${place.reason}`)}
                    </button>
                  </span>
                ))}
                {places.length ? null : <span className="pl-6 text-[14px] text-ink-2">{t('fine')}</span>}
              </div>
            </li>
          );
        })}
      </ul>
      {missing > 0 ? <p>{t('missing', { count: missing })}</p> : null}
      <span>
        <button type="button" className="btn" onClick={addPictures}>
          {t('add')}
        </button>
      </span>
    </div>
  );
}
