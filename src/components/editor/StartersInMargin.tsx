'use client';

import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import type { StarterGroup } from '../../core/assignments/starters';
import { putStarter } from './putIn';

/** The sentence starters of an assignment beside the text: pressing one puts it where the cursor is. */
export function StartersInMargin({
  editor,
  groups,
}: {
  readonly editor: Editor;
  readonly groups: readonly StarterGroup[];
}) {
  const t = useTranslations('editor.starters');
  if (groups.length === 0) return null;
  return (
    <section className="mt-6 hidden sm:block" aria-label={t('label')}>
      <h2 className="font-semibold text-[var(--apricot-ink)]">{t('label')}</h2>
      {groups.map((group, index) => (
        <div key={index} className="mt-1">
          {group.when ? <h3 className="text-[13.5px] text-ink-2">{group.when}</h3> : null}
          <ul className="grid gap-1">
            {group.starters.map((starter) => (
              <li key={starter}>
                <button
                  type="button"
                  className="text-left font-read text-[16px] italic hover:underline"
                  aria-label={t('put', { starter })}
                  // The press must not take the cursor out of the text.
                  onMouseDown={(event) => event.preventDefault()}
                  onClick={() => putStarter(editor, starter)}
                >
                  {starter}
                </button>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
