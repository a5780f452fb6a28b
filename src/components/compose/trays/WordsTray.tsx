'use client';

import { Selection } from '@tiptap/pm/state';
import { useTranslations } from 'next-intl';
import { stretches } from '../../../core/document/stretches';
import { countedBy } from '../../../core/requirements/countedFor';
import type { TrayContentProps } from './trayProps';

/** How many words stand where, so that a writer sees which part could grow or shrink. */
export function WordsTray({ editor, assignment, answer, requirement, lower }: TrayContentProps) {
  const t = useTranslations('requirements.words.tray');
  const parts = stretches(editor.state.doc, countedBy({ ...requirement }, assignment.outline));
  const { toGo = 0, tooMany = 0 } = answer.message.values as { toGo?: number; tooMany?: number };
  return (
    <div className="mt-2 grid gap-3">
      <p>
        {tooMany > 0 ? t('tooMany', { count: tooMany }) : toGo > 0 ? t('toGo', { count: toGo }) : t('enough')}
      </p>
      <ul className="rows">
        {parts.map((part) => (
          <li key={part.from} className="!grid-cols-[1fr_auto_auto] !py-1.5">
            <span className="truncate">{part.heading || t('beginning')}</span>
            <span className="calm">{t('count', { count: part.words })}</span>
            <button
              type="button"
              className="act"
              onClick={() => {
                editor
                  .chain()
                  .command(({ tr }) => Boolean(tr.setSelection(Selection.near(tr.doc.resolve(part.to), -1))))
                  .focus()
                  .scrollIntoView()
                  .run();
                lower();
              }}
            >
              {t('goOn')}
            </button>
          </li>
        ))}
      </ul>
      <p className="text-[13.5px] text-ink-2">
        {t('whatCounts', { quotations: String(requirement['excludeQuotations'] !== true) })}
      </p>
    </div>
  );
}
