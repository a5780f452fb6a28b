'use client';

import { useFormatter, useLocale, useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import type { BookShown } from '../../contract/gradebook/bookShown';
import { planFigures, type FiguresPlan } from '../../core/gradebook/planFigures';
import { decodeText } from '../../core/text/decodeText';
import type { PostChange } from './ReasonPanel';
import type { Change } from './useFigures';

export interface CsvPanelProps {
  readonly book: BookShown;
  /** Types figures into own columns. */
  readonly onKeep: (changes: readonly Change[]) => void;
  /** Asks why figures of posts are others. */
  readonly onPosts: (changes: readonly PostChange[]) => void;
  readonly onDone: () => void;
}

/** So much of a file is read, in bytes: fifty thousand rows fit in. */
const MOST = 8_000_000;
/** So many of what changes or cannot be read are shown. */
const MOST_SHOWN = 40;

/** Reads a CSV of figures in: what it would change is shown first, cell by cell, and nothing changes before. */
export function CsvPanel({ book, onKeep, onPosts, onDone }: CsvPanelProps) {
  const t = useTranslations('gradebook.file');
  const format = useFormatter();
  const locale = useLocale();
  const id = useId();
  const [plan, setPlan] = useState<FiguresPlan | null>(null);
  const [problem, setProblem] = useState('');
  const read = async (file: File | undefined) => {
    setPlan(null);
    setProblem('');
    if (!file) return;
    if (file.size > MOST) return setProblem(t('tooLarge'));
    const found = planFigures(decodeText(new Uint8Array(await file.arrayBuffer())), tableOf(book), locale);
    if (found.ok) setPlan(found);
    else setProblem(t(`problem.${found.problem}`));
  };
  const { own, posts, leftOut, lines } = sorted(book, plan);
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        onKeep(own);
        if (posts.length > 0) onPosts(posts);
        else onDone();
      }}
    >
      <h2>{t('title')}</h2>
      <p className="calm">{t('says')}</p>
      <label className="grid gap-1" htmlFor={id}>
        {t('file')}
        <input
          id={id}
          type="file"
          accept=".csv,text/csv"
          onChange={({ target }) => void read(target.files?.[0])}
        />
      </label>
      <p className="problem" role="alert">
        {problem}
      </p>
      {plan?.ok ? (
        <div role="status" className="grid gap-2">
          <p className="font-bold">{t('changes', { count: own.length + posts.length })}</p>
          <ul>
            {lines.slice(0, MOST_SHOWN).map(({ key, name, column, before, figure }) => (
              <li key={key} dir="auto">
                {t('change', {
                  name,
                  column,
                  before: before === null ? '–' : format.number(before),
                  figure: format.number(figure),
                })}
              </li>
            ))}
          </ul>
          {lines.length > MOST_SHOWN ? <p>{t('more', { count: lines.length - MOST_SHOWN })}</p> : null}
          {leftOut > 0 ? <p className="problem">{t('leftOut', { count: leftOut })}</p> : null}
          <Remarks words={plan.nobody.map(({ row, text }) => t('row', { row, text }))} title={t('nobody')} />
          <Remarks words={plan.twice.map(({ row, text }) => t('row', { row, text }))} title={t('twice')} />
          <Remarks
            words={plan.noFigures.map(({ row, text, header }) => t('noFigure', { row, text, header }))}
            title={t('noFigures')}
          />
          <Remarks words={plan.unknown} title={t('unknown')} />
        </div>
      ) : null}
      <span className="flex gap-3">
        <button className="btn go" disabled={own.length + posts.length === 0}>
          {t('keep')}
        </button>
        <button type="button" className="btn" data-leave="" onClick={onDone}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}

function Remarks({ words, title }: { readonly words: readonly string[]; readonly title: string }) {
  const t = useTranslations('gradebook.file');
  if (words.length === 0) return null;
  return (
    <div className="problem">
      <p>{title}</p>
      <ul>
        {words.slice(0, MOST_SHOWN).map((line, index) => (
          <li key={index} dir="auto">
            {line}
          </li>
        ))}
      </ul>
      {words.length > MOST_SHOWN ? <p>{t('more', { count: words.length - MOST_SHOWN })}</p> : null}
    </div>
  );
}

function tableOf({ columns, students }: BookShown) {
  return {
    columns,
    students: students.map(({ cells, ...student }) => ({
      ...student,
      figures: cells.map(({ figure }) => figure ?? null),
    })),
  };
}

/** What a plan changes in own columns, what in figures of posts, and how much of it cannot be changed here. */
function sorted({ columns, students }: BookShown, plan: FiguresPlan | null) {
  const own: Change[] = [];
  const posts: PostChange[] = [];
  const lines = [];
  let leftOut = 0;
  for (const { student: row, column: at, figure } of plan?.ok ? plan.changes : []) {
    const [student, column] = [students[row]!, columns[at]!];
    const { figure: before = null, postId, handInId, state } = student.cells[at]!;
    const named = { name: student.name, column: column.title, before, figure };
    if (column.kind === 'own') own.push({ columnId: column.id, personId: student.id, figure, was: before });
    else if (postId && handInId && state !== 'reading') posts.push({ ...named, postId, handInId });
    else {
      leftOut += 1;
      continue;
    }
    lines.push({ ...named, key: `${student.id} ${column.id}` });
  }
  return { own, posts, leftOut, lines };
}
