'use client';

import { useTranslations } from 'next-intl';
import { usesByStarter } from '../../../core/requirements/starterUses';
import { Mark } from '../../basics/Mark';
import { StarterGroups } from '../StarterGroups';
import { PlaceList } from './PlaceList';
import type { TrayContentProps } from './trayProps';

/** The starters, those that were used marked; pressing one puts it where the cursor was. */
export function StartersTray({ editor, assignment, answer, lower }: TrayContentProps) {
  const t = useTranslations('requirements.starters.tray');
  return (
    <div className="mt-2 grid gap-3">
      {assignment.prompts.length === 0 ? <p>{t('none')}</p> : null}
      <StarterGroups
        editor={editor}
        prompts={assignment.prompts}
        unnamed={t('any')}
        buttonClass="btn !justify-start !py-1.5 font-read font-normal"
        uses={usesByStarter(editor.state.doc, assignment)}
        onPut={lower}
        beside={(found) =>
          found.length ? (
            <span className="flex items-center gap-1.5 text-[14px] text-ink-2">
              <Mark id="s-m" className="s" /> {t('used')}
            </span>
          ) : null
        }
      />
      {answer.places.length > 0 ? <p>{t('unfinished')}</p> : null}
      <PlaceList editor={editor} answer={answer} lower={lower} />
      <p className="text-[14px] text-ink-2">{t('how')}</p>
    </div>
  );
}
