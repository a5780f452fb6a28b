'use client';

import { useTranslations } from 'next-intl';
import { sections, wordCounter } from '../../../core/document/sections';
import { headingKey } from '../../../core/requirements/kinds/parts';
import { Mark } from '../../basics/Mark';
import { goTo } from '../../editor/goTo';
import { putHeading } from '../../editor/putIn';
import type { TrayContentProps } from './trayProps';

interface Wanted {
  readonly text: string;
  readonly minWords?: number;
}

/** Every heading that is asked for: how much stands under it, and one press to put in what is missing. */
export function PartsTray({ editor, requirement, assignment, answer, lower }: TrayContentProps) {
  const t = useTranslations('requirements.parts.tray');
  const { doc } = editor.state;
  const all = sections(doc);
  const count = wordCounter(doc, { outline: assignment.outline });
  const wanted = (requirement['headings'] as readonly Wanted[] | undefined) ?? [];
  return (
    <div className="mt-2 grid gap-3">
      <ul className="rows">
        {wanted.map(({ text, minWords }) => {
          const key = headingKey(text);
          const section = all.find((one) => headingKey(one.text) === key);
          const lack = answer.places.find((place) => place.from === section?.position)?.reason;
          return (
            <li key={text} className="!grid-cols-[20px_1fr_auto] !py-1.5">
              <Mark id={section ? (lack ? 's-h' : 's-m') : 's-g'} className="s" />
              <span>
                <b>{text}</b>
                {section ? (
                  <span className="calm block">
                    {t('words', { count: count(section.position + 1, section.end) })}{' '}
                    {minWords ? t('wanted', { count: minWords }) : ''}
                  </span>
                ) : null}
              </span>
              <button
                type="button"
                className="act"
                onClick={() => {
                  if (section)
                    goTo(editor, { from: section.position + 1, to: section.position + 1, reason: 'part' });
                  else putHeading(editor, text);
                  lower();
                }}
              >
                {t(section ? 'go' : 'put')}
              </button>
            </li>
          );
        })}
      </ul>
      <p className="text-[14px] text-ink-2">
        {t('how')} {requirement['inOrder'] === true ? t('order') : ''}
      </p>
    </div>
  );
}
