'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { changeWords } from '../../contract/classes/changeWords';
import { linesOf } from '../../core/text/lines';
import { useDeed } from '../basics/useDeed';
import { KeepLine } from './KeepLine';

/** Spellings that a class allows beside the dictionary. */
export function WordsForm({
  classId,
  words,
}: {
  readonly classId: string;
  readonly words: readonly string[];
}) {
  const t = useTranslations('classSettings.words');
  const { act, busy, problem } = useDeed();
  const id = useId();
  const [typed, setTyped] = useState(words.join('\n'));
  const [kept, setKept] = useState(false);
  const lines = linesOf(typed);
  return (
    <form
      className="grid gap-3"
      onSubmit={async (event) => {
        event.preventDefault();
        setKept(await act(changeWords, { classId, words: lines }));
      }}
    >
      <h2 className="section-head">{t('heading')}</h2>
      <p className="under">{t('under')}</p>
      <label className="font-semibold" htmlFor={id}>
        {t('label')}
      </label>
      <textarea
        id={id}
        className="field min-h-24 [field-sizing:content]"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      <KeepLine busy={busy} changed={lines.join('\n') !== words.join('\n')} kept={kept} problem={problem} />
    </form>
  );
}
