'use client';

import { useFormatter, useLocale, useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import type { BookShown, ColumnShown } from '../../contract/gradebook/bookShown';
import { keepColumn } from '../../contract/gradebook/keepColumn';
import { figureTyped } from '../../core/gradebook/figureTyped';
import { useDeed } from '../basics/useDeed';

interface ColumnFormProps {
  readonly book: BookShown;
  /** Null for a new one. */
  readonly column: ColumnShown | null;
  readonly onDone: () => void;
}

/** A column that no post stands behind: what it is called, what it is worth, when it was, where it counts. */
export function ColumnForm({ book, column, onDone }: ColumnFormProps) {
  const t = useTranslations('gradebook.column');
  const b = useTranslations('gradebook');
  const format = useFormatter();
  const locale = useLocale();
  const id = useId();
  const { act, busy, problem } = useDeed();
  const [title, setTitle] = useState(column?.title ?? '');
  const [possible, setPossible] = useState(
    column ? format.number(column.possible, { useGrouping: false }) : '',
  );
  const [day, setDay] = useState(column?.day ?? '');
  const [categoryId, setCategoryId] = useState(column?.categoryId ?? '');
  const [wrong, setWrong] = useState(false);
  const points = figureTyped(possible, locale);
  const figure = points.ok ? points.figure : null;
  return (
    <form
      className="grid gap-3"
      onSubmit={async (event) => {
        event.preventDefault();
        setWrong(figure === null);
        if (figure === null) return;
        const columnId = column?.id ?? null;
        const kept = { title, possible: figure, day: day || null, categoryId: categoryId || null };
        if (await act(keepColumn, { classId: book.classId, columnId, ...kept })) onDone();
      }}
    >
      <h2>{t(column ? 'heading' : 'new')}</h2>
      <p className="calm">{t('newSays')}</p>
      <label className="grid gap-1" htmlFor={`${id}-title`}>
        {t('name')}
        <input
          id={`${id}-title`}
          className="field"
          dir="auto"
          required
          maxLength={80}
          value={title}
          onChange={({ target }) => setTitle(target.value)}
        />
      </label>
      <label className="grid gap-1" htmlFor={`${id}-possible`}>
        {t('possible')}
        <input
          id={`${id}-possible`}
          className="field !w-28"
          inputMode="decimal"
          required
          aria-invalid={wrong}
          value={possible}
          onChange={({ target }) => setPossible(target.value)}
        />
      </label>
      <label className="grid gap-1" htmlFor={`${id}-day`}>
        {t('day')}
        <input
          id={`${id}-day`}
          className="field !w-44"
          type="date"
          value={day}
          onChange={({ target }) => setDay(target.value)}
        />
      </label>
      {book.rules.categories.length > 0 ? (
        <label className="grid gap-1" htmlFor={`${id}-category`}>
          {t('category')}
          <select
            id={`${id}-category`}
            className="field"
            value={categoryId}
            onChange={({ target }) => setCategoryId(target.value)}
          >
            <option value="">{b('noCategory')}</option>
            {book.rules.categories.map((category) => (
              <option key={category.id} value={category.id}>
                {category.title}
              </option>
            ))}
          </select>
        </label>
      ) : null}
      <p className="problem" role="alert">
        {wrong ? b('noFigure', { typed: possible }) : problem}
      </p>
      <span className="flex gap-3">
        <button className="btn go" disabled={busy}>
          {t(column ? 'keep' : 'make')}
        </button>
        <button type="button" className="btn" data-leave="" onClick={onDone}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}
