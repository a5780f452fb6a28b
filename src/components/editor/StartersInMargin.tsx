'use client';

import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useEffect, useState } from 'react';
import type { DocumentJson } from '../../core/document/openDocument';
import { bareStarter, starterUses, type StarterUse } from '../../core/requirements/starterUses';
import { Mark } from '../basics/Mark';
import type { ComposeProps } from './composeProps';
import { goTo } from './goTo';
import { putStarter } from './putIn';

interface StartersInMarginProps {
  readonly editor: Editor;
  /** The text as it stands. */
  readonly body: DocumentJson;
  readonly assignment: ComposeProps['assignment'];
}

/** The sentence starters of an assignment beside the text: pressing one puts it where the cursor is. */
export function StartersInMargin({ editor, body, assignment }: StartersInMarginProps) {
  const t = useTranslations('editor.starters');
  const unfinished = useUnfinished(editor, body, assignment);
  if (assignment.prompts.length === 0) return null;
  return (
    <section className="mt-6" aria-label={t('label')}>
      <h2 className="font-semibold text-[var(--apricot-ink)]">{t('label')}</h2>
      {assignment.prompts.map((group, index) => (
        <div key={index} className="mt-1">
          {group.when ? <h3 className="text-[13.5px] text-ink-2">{group.when}</h3> : null}
          <ul className="grid gap-1">
            {group.starters.map((starter) => {
              const open = unfinished.get(bareStarter(starter));
              return (
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
                  {open ? (
                    <button
                      type="button"
                      className="act flex items-center gap-1.5 text-[13.5px]"
                      onClick={() => goTo(editor, { ...open, reason: 'unfinished' })}
                    >
                      <Mark id="s-h" className="s" /> {t('finish')}
                    </button>
                  ) : null}
                </li>
              );
            })}
          </ul>
        </div>
      ))}
    </section>
  );
}

/** Long enough that nobody is told to finish what they are writing, in milliseconds. */
const PAUSE = 900;

/** The starters that were put in and left unfinished, as they are compared, each with a place where it stands. */
function useUnfinished(
  editor: Editor,
  body: DocumentJson,
  assignment: ComposeProps['assignment'],
): ReadonlyMap<string, StarterUse> {
  const [found, setFound] = useState<ReadonlyMap<string, StarterUse>>(new Map());
  useEffect(() => {
    if (assignment.starters.length === 0) return undefined;
    const timer = setTimeout(() => {
      const open = starterUses(editor.state.doc, assignment).filter((use) => use.unfinished);
      setFound(new Map(open.map((use) => [bareStarter(assignment.starters[use.starter] ?? ''), use])));
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [editor, body, assignment]);
  return found;
}
