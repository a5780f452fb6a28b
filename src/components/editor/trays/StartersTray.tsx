'use client';

import { useTranslations } from 'next-intl';
import { bareStarter, starterUses } from '../../../core/requirements/starterUses';
import { putStarter } from '../putIn';
import { Mark } from '../../basics/Mark';
import { PlaceList } from './PlaceList';
import type { TrayContentProps } from './trayProps';

/** The starters by when to use them: pressing one puts it where the cursor was. */
export function StartersTray({ editor, assignment, answer, lower }: TrayContentProps) {
  const t = useTranslations('requirements.starters.tray');
  const used = new Set(
    starterUses(editor.state.doc, assignment).map((use) =>
      bareStarter(assignment.starters[use.starter] ?? ''),
    ),
  );
  const put = (starter: string) => {
    putStarter(editor, starter);
    lower();
  };
  return (
    <div className="mt-2 grid gap-3">
      {assignment.prompts.length === 0 ? <p>{t('none')}</p> : null}
      {assignment.prompts.map((group, index) => (
        <div key={index} className="grid gap-1">
          <h3 className="text-[14px] text-ink-2">{group.when || t('any')}</h3>
          <ul className="grid gap-1">
            {group.starters.map((starter) => (
              <li key={starter} className="flex items-center gap-3">
                <button
                  type="button"
                  className="btn !justify-start !py-1.5 font-read font-normal"
                  // The press must not take the cursor out of the text.
                  onMouseDown={(event) => event.preventDefault()}
                  onClick={() => put(starter)}
                >
                  {starter}
                </button>
                {used.has(bareStarter(starter)) ? (
                  <span className="flex items-center gap-1.5 text-[14px] text-ink-2">
                    <Mark id="s-m" className="s" /> {t('used')}
                  </span>
                ) : null}
              </li>
            ))}
          </ul>
        </div>
      ))}
      {answer.places.length > 0 ? <p>{t('unfinished')}</p> : null}
      <PlaceList editor={editor} answer={answer} lower={lower} />
      <p className="text-[14px] text-ink-2">{t('how')}</p>
    </div>
  );
}
