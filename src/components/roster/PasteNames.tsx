'use client';

import { FileSpreadsheet } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useId, useRef, useState } from 'react';
import { useRefusal } from '../basics/useRefusal';
import { fileAsBase64, LARGEST_FILE } from './fileAsBase64';
import type { RosterSource } from '../../core/roster/rosterSource';
import { OneRosterFiles } from './OneRosterFiles';

interface PasteNamesProps {
  readonly text: string;
  readonly problem: string;
  readonly onText: (text: string) => void;
  readonly onProblem: (problem: string) => void;
  readonly onSource: (source: RosterSource) => void;
}

/** One name or many, typed or pasted; or a file. */
export function PasteNames({ text, problem, onText, onProblem, onSource }: PasteNamesProps) {
  const t = useTranslations('roster.add');
  const refusal = useRefusal();
  const id = useId();
  const file = useRef<HTMLInputElement>(null);
  const [oneRoster, setOneRoster] = useState(false);
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    if (chosen.size > LARGEST_FILE) onProblem(refusal({ code: 'roster.tooLarge' }));
    else onSource({ kind: 'csv', file: await fileAsBase64(chosen) });
  };
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim()) onSource({ kind: 'lines', text });
        else onProblem(t('nothingTyped'));
      }}
    >
      <h2 className="font-read text-[23px] font-semibold">{t('title')}</h2>
      <label className="grid gap-1" htmlFor={`${id}-names`}>
        <span className="under">{t('how')}</span>
        <textarea
          id={`${id}-names`}
          className="field font-read"
          aria-label={t('names')}
          placeholder={t('example')}
          rows={9}
          spellCheck={false}
          maxLength={200_000}
          value={text}
          aria-invalid={problem !== ''}
          aria-describedby={`${id}-problem`}
          onChange={(event) => onText(event.target.value)}
        />
      </label>
      <p id={`${id}-problem`} className="problem" role="alert">
        {problem}
      </p>
      <span className="flex flex-wrap gap-3">
        <button className="btn go">{t('look')}</button>
        <button type="button" className="btn" onClick={() => file.current?.click()}>
          <FileSpreadsheet aria-hidden="true" size={16} /> {t('file')}
        </button>
      </span>
      <input
        ref={file}
        type="file"
        hidden
        accept=".csv,.tsv,.txt,text/csv"
        aria-label={t('file')}
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <details className="mt-2 text-[14px]">
        <summary className="font-semibold text-porch">{t('columns')}</summary>
        <p className="mt-2 text-ink-2">{t('columnsAre')}</p>
      </details>
      <button type="button" className="act justify-self-start" onClick={() => setOneRoster(!oneRoster)}>
        {t('oneRoster')}
      </button>
      {oneRoster ? <OneRosterFiles onProblem={onProblem} onSource={onSource} /> : null}
    </form>
  );
}
