'use client';

import { useTranslations } from 'next-intl';
import { links, maybeWebAddress } from '../../../core/document/links';
import { webAddresses } from '../../../core/document/webAddresses';
import { useLooking } from '../../editor/addresses/LookingContext';
import { OpenLine } from '../../editor/addresses/OpenLine';
import { Mark } from '../../basics/Mark';
import { goTo } from '../../editor/goTo';
import type { TrayContentProps } from './trayProps';
import { useMadeWords } from '../../basics/useMadeWords';

/** Every link with where it leads, and those that do not count yet with the reason. */
export function LinksTray({ editor, answer, lower }: TrayContentProps) {
  const t = useTranslations('requirements.links.tray');
  const at = useMadeWords('requirements.links.places');
  const { results, look } = useLooking();
  const found = links(editor.state.doc).filter((link) => maybeWebAddress(link.href));
  return (
    <div className="mt-2 grid gap-3">
      {found.length === 0 ? <p>{t('none')}</p> : null}
      <ul className="rows">
        {found.map((link) => {
          const place = answer.places.find((one) => one.from === link.from);
          return (
            <li key={link.from} className="!grid-cols-[1fr_auto] !py-2">
              <span className="grid min-w-0">
                <span className="flex items-center gap-2">
                  <Mark id={place ? 's-h' : 's-m'} className="s" />
                  <b className="truncate">{link.text}</b>
                </span>
                <span className="truncate pl-6 text-[13.5px] text-ink-2">{link.href}</span>
                {place ? (
                  <span className="pl-6 text-[14px] text-clay">{at(place.reason)}</span>
                ) : (
                  <span className="pl-6">
                    <OpenLine result={results[maybeWebAddress(link.href) ?? '']} />
                  </span>
                )}
              </span>
              <button
                type="button"
                className="act"
                onClick={() => {
                  goTo(editor, { from: link.from, to: link.to, reason: 'link' });
                  lower();
                }}
              >
                {t('go')}
              </button>
            </li>
          );
        })}
      </ul>
      {found.length > 0 ? (
        <button
          type="button"
          className="act justify-self-start"
          onClick={() => void look(webAddresses(editor.state.doc))}
        >
          {t('lookAgain')}
        </button>
      ) : null}
      <p className="text-[13.5px] text-ink-2">{t('how')}</p>
    </div>
  );
}
