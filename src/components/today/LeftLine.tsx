'use client';

import { useTranslations } from 'next-intl';
import { useCallback, useId } from 'react';
import { leaveLine } from '../../contract/classes/leaveLine';
import { call } from '../basics/call';
import { useAutosave } from '../basics/useAutosave';
import { useRefusal } from '../basics/useRefusal';

interface LeftLineProps {
  readonly classId: string;
  readonly words: string;
  readonly version: number;
  /** Whether who writes is let in for a while. */
  readonly supply: boolean;
  /** Who runs the class. */
  readonly teacher: string;
}

/** What a teacher leaves to the others of the class; it is kept as it is written. */
export function LeftLine({ classId, words, version, supply, teacher }: LeftLineProps) {
  const t = useTranslations('whereWeAre');
  const id = useId();
  const refusal = useRefusal();
  const send = useCallback(
    ({ words: kept }: { readonly words: string }) => call(leaveLine, { classId, words: kept }),
    [classId],
  );
  const saving = useAutosave(`line-${classId}`, { words }, version, send);
  const { state } = saving;
  return (
    <section>
      <h2 className="section-head">
        <label htmlFor={id}>{supply ? t('lineFor', { name: teacher }) : t('lineForOthers')}</label>
      </h2>
      <textarea
        id={id}
        className="field mt-3"
        rows={4}
        maxLength={1000}
        dir="auto"
        placeholder={supply ? t('howFar') : t('whatToKnow')}
        value={saving.draft.words}
        onChange={(event) => saving.change({ words: event.target.value })}
      />
      <p className="pt-1 text-ink-2" role="status">
        {state.kind === 'refused'
          ? refusal(state)
          : state.kind === 'saving'
            ? t('saving')
            : t('keptAsYouWrite')}
      </p>
    </section>
  );
}
