'use client';

import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useSyncExternalStore } from 'react';
import type { DocumentJson } from '../../core/document/openDocument';
import { ModelPostDialog } from '../assignment/ModelPostDialog';
import type { ComposeProps } from './composeProps';
import { StartersInMargin } from './StartersInMargin';

interface WhatIsAskedProps {
  readonly editor: Editor | null;
  readonly body: DocumentJson;
  readonly assignment: ComposeProps['assignment'];
}

/** The instructions, the model post and the sentence starters: beside the text, or, on a phone, folded above it. */
export function WhatIsAsked({ editor, body, assignment }: WhatIsAskedProps) {
  const t = useTranslations('editor');
  const beside = useRoomBeside();
  const more = (
    <>
      {assignment.lesson.model ? <ModelPostDialog model={assignment.lesson.model} /> : null}
      {editor ? <StartersInMargin editor={editor} body={body} assignment={assignment} /> : null}
    </>
  );
  return (
    <>
      <details open={beside}>
        <summary className="cursor-pointer font-semibold">{t('whatIsAsked')}</summary>
        <div
          className="lesson mt-2 text-ink-2"
          dangerouslySetInnerHTML={{ __html: assignment.lesson.instructions }}
        />
        {beside ? null : more}
      </details>
      {beside ? more : null}
    </>
  );
}

/** From here on margins stand beside the text. */
const ROOM = '(min-width: 761px)';

/** Whether there is room beside the text. */
function useRoomBeside(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const room = window.matchMedia(ROOM);
      room.addEventListener('change', changed);
      return () => room.removeEventListener('change', changed);
    },
    () => window.matchMedia(ROOM).matches,
    () => true,
  );
}
