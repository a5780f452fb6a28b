'use client';

import { useTranslations } from 'next-intl';
import { useEffect, useState } from 'react';
import { previewMarks, takeMarks, type MarksPreview } from '../../contract/gradebook/marksFile';
import { marksTable, type MarksSetup } from '../../core/gradebook/marksFile';
import { call } from '../basics/call';
import { Panel } from '../basics/Panel';
import { saveAs } from '../basics/saveAs';
import { useRefusal } from '../basics/useRefusal';
import { useAsking } from '../basics/useAsking';
import { MarksSetupForm } from './MarksSetupForm';

interface MarksFilePanelProps {
  readonly classId: string;
  /** The first day of a term, or `year`. */
  readonly term: string;
  readonly closed: boolean;
  readonly onDone: () => void;
}

/** So many names are said. */
const MOST_NAMES = 6;

/** The marks as a file for the school's system: how it wants them, how the file begins, and what changed since the last one. */
export function MarksFilePanel({ classId, term, closed, onDone }: MarksFilePanelProps) {
  const t = useTranslations('term.file');
  const { busy, problem, wait } = useAsking();
  const [preview, setPreview] = useState<MarksPreview | null>(null);
  const [unseen, setUnseen] = useState('');
  const refusal = useRefusal();
  const [setup, setSetup] = useState<MarksSetup | null>(null);
  useEffect(() => {
    void call(previewMarks, { classId, term }).then((outcome) => {
      setUnseen(outcome.ok ? '' : refusal(outcome));
      if (!outcome.ok) return;
      setPreview(outcome.value);
      setSetup(outcome.value.setup);
    });
  }, [classId, term, refusal]);
  const since = preview?.since;
  return (
    <Panel title={t('title')} wide>
      <form
        className="mt-2 grid gap-3"
        onSubmit={async (event) => {
          event.preventDefault();
          if (!setup) return;
          const outcome = await wait(call(takeMarks, { classId, term, ...setup }));
          if (!outcome.ok) return;
          saveAs(outcome.value.name, outcome.value.content);
          onDone();
        }}
      >
        <p className="calm">{t('says')}</p>
        {closed ? null : <p className="problem">{t('notClosed')}</p>}
        {setup ? <MarksSetupForm setup={setup} onChange={setSetup} /> : null}
        {preview && setup ? (
          <>
            <div className="overflow-x-auto">
              <table className="sum">
                <caption>{t('preview')}</caption>
                <tbody>
                  {marksTable(setup, preview.termName, preview.first).map((line, at) => (
                    <tr key={at}>
                      {line.map((cell, of) => (
                        <td key={of} dir="auto" className="!text-left">
                          {cell}
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
            {preview.withoutId.length > 0 ? (
              <p>
                {t('withoutId', {
                  count: preview.withoutId.length,
                  names:
                    preview.withoutId.slice(0, MOST_NAMES).join(', ') +
                    (preview.withoutId.length > MOST_NAMES ? ' …' : ''),
                })}
              </p>
            ) : null}
            {preview.standSo > 0 ? <p>{t('standSo', { count: preview.standSo })}</p> : null}
            {since ? (
              <div>
                <p>
                  {since.changes.length === 0
                    ? t('noneSince', { by: since.by, when: since.when })
                    : t('since', { by: since.by, when: since.when, count: since.changes.length })}
                </p>
                <ul>
                  {since.changes.map(({ name, before, after }, at) => (
                    <li key={at} dir="auto">
                      {t('change', { name, before: before ?? '–', after: after ?? '–' })}
                    </li>
                  ))}
                </ul>
              </div>
            ) : null}
          </>
        ) : null}
        <p role="alert" className="problem">
          {problem || unseen}
        </p>
        <span className="flex gap-3">
          <button className="btn go" disabled={busy || !setup}>
            {t('take')}
          </button>
          <button type="button" className="btn" onClick={onDone}>
            {t('leave')}
          </button>
        </span>
      </form>
    </Panel>
  );
}
