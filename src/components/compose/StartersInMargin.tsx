'use client';

import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useEffect, useState } from 'react';
import type { DocumentJson } from '../../core/document/openDocument';
import { usesByStarter, type StarterUse } from '../../core/requirements/starterUses';
import { Mark } from '../basics/Mark';
import { goTo } from '../editor/goTo';
import type { ComposeProps } from './composeProps';
import { StarterGroups } from './StarterGroups';

interface StartersInMarginProps {
  readonly editor: Editor;
  /** The text as it stands. */
  readonly body: DocumentJson;
  readonly assignment: ComposeProps['assignment'];
}

/** The sentence starters of an assignment beside the text, each with the way to where it was left unfinished. */
export function StartersInMargin({ editor, body, assignment }: StartersInMarginProps) {
  const t = useTranslations('editor.starters');
  const uses = useUsesInPauses(editor, body, assignment);
  if (assignment.prompts.length === 0) return null;
  return (
    <section className="mt-6" aria-label={t('label')}>
      <h2 className="font-semibold text-[var(--apricot-ink)]">{t('label')}</h2>
      <StarterGroups
        editor={editor}
        prompts={assignment.prompts}
        unnamed=""
        buttonClass="text-left font-read text-[16px] italic hover:underline"
        uses={uses}
        beside={(found) => {
          const open = found.find((use) => use.unfinished);
          return open ? (
            <button
              type="button"
              className="act flex items-center gap-1.5 text-[13.5px]"
              onClick={() => goTo(editor, { ...open, reason: 'unfinished' })}
            >
              <Mark id="s-h" className="s" /> {t('finish')}
            </button>
          ) : null;
        }}
      />
    </section>
  );
}

/** Long enough that nobody is told to finish what they are writing, in milliseconds. */
const PAUSE = 900;
const NONE: ReadonlyMap<string, readonly StarterUse[]> = new Map();

/** The uses of each starter, looked for whenever the writer pauses. */
function useUsesInPauses(editor: Editor, body: DocumentJson, assignment: ComposeProps['assignment']) {
  const [found, setFound] = useState(NONE);
  useEffect(() => {
    if (assignment.starters.length === 0) return undefined;
    const timer = setTimeout(() => setFound(usesByStarter(editor.state.doc, assignment)), PAUSE);
    return () => clearTimeout(timer);
  }, [editor, body, assignment]);
  return found;
}
