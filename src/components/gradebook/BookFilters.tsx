'use client';

import { useTranslations } from 'next-intl';
import { holdsDay } from '../../core/classes/schoolYear';
import type { BookShown, ColumnShown } from '../../contract/gradebook/bookShown';

/** Which rows and columns are shown; totals are of all. */
export interface Filter {
  /** Null for the whole class. */
  readonly group: string | null;
  /** The first day of a term; null for the whole year. */
  readonly term: string | null;
  readonly shows: (column: ColumnShown) => boolean;
}

export const NO_FILTER: Filter = { group: null, term: null, shows: () => true };

interface BookFiltersProps {
  readonly book: BookShown;
  readonly filter: Filter;
  readonly onFilter: (filter: Filter) => void;
}

/** Shows a term or a group alone, where the class has several. */
export function BookFilters({ book, filter, onFilter }: BookFiltersProps) {
  const t = useTranslations('gradebook.filter');
  const groups = [...new Set(book.students.flatMap(({ group }) => group ?? []))].sort();
  const { terms } = book;
  if (groups.length < 2 && terms.length < 2) return null;
  return (
    <p className="book-filters">
      {terms.length > 1 ? (
        <select
          aria-label={t('term')}
          value={filter.term ?? ''}
          onChange={({ target }) => {
            const term = terms.find(({ from }) => from === target.value);
            onFilter({
              ...filter,
              term: term?.from ?? null,
              shows: ({ day }) => !term || holdsDay(term, day),
            });
          }}
        >
          <option value="">{t('year')}</option>
          {terms.map(({ name, from }) => (
            <option key={from} value={from}>
              {name}
            </option>
          ))}
        </select>
      ) : null}
      {groups.length > 1 ? (
        <select
          aria-label={t('group')}
          value={filter.group ?? ''}
          onChange={({ target }) => onFilter({ ...filter, group: target.value || null })}
        >
          <option value="">{t('everybody')}</option>
          {groups.map((group) => (
            <option key={group} value={group}>
              {group}
            </option>
          ))}
        </select>
      ) : null}
      {filter.term === null ? null : <span className="calm">{t('totals')}</span>}
    </p>
  );
}
