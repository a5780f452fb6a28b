'use client';

import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { StarterGroup } from '../../core/assignments/starters';
import { bareStarter, type StarterUse } from '../../core/requirements/starterUses';
import { putStarter } from '../editor/putIn';

interface StarterGroupsProps {
  readonly editor: Editor;
  readonly prompts: readonly StarterGroup[];
  /** What a group is called that says not when to use it. */
  readonly unnamed: string;
  readonly buttonClass: string;
  /** What is told beside a starter of how it was used. */
  readonly beside: (uses: readonly StarterUse[]) => ReactNode;
  /** The uses of each starter, by `bareStarter`. */
  readonly uses: ReadonlyMap<string, readonly StarterUse[]>;
  readonly onPut?: () => void;
}

/** Sentence starters by when to use them: pressing one puts it where the cursor is. */
export function StarterGroups(props: StarterGroupsProps) {
  const { editor, prompts, unnamed, buttonClass, beside, uses, onPut } = props;
  const t = useTranslations('editor.starters');
  return prompts.map(({ when, starters }, index) => (
    <div key={index} className="mt-1 grid gap-1">
      {when || unnamed ? <h3 className="text-[13.5px] text-ink-2">{when || unnamed}</h3> : null}
      <ul className="grid gap-1">
        {starters.map((starter) => (
          <li key={starter} className="flex flex-wrap items-center gap-x-3">
            <button
              type="button"
              className={buttonClass}
              aria-label={t('put', { starter })}
              // The press must not take the cursor out of the text.
              onMouseDown={(event) => event.preventDefault()}
              onClick={() => {
                putStarter(editor, starter);
                onPut?.();
              }}
            >
              {starter}
            </button>
            {beside(uses.get(bareStarter(starter)) ?? [])}
          </li>
        ))}
      </ul>
    </div>
  ));
}
