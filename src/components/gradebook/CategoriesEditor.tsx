'use client';

import { useTranslations } from 'next-intl';
import type { BookShown } from '../../contract/gradebook/bookShown';
import type { Category } from '../../core/gradebook/rules';
import { NumberInput } from './NumberInput';
import type { RulesDraft } from './rulesDraft';

interface CategoriesEditorProps {
  readonly book: BookShown;
  readonly draft: RulesDraft;
  readonly onChange: (part: Partial<RulesDraft>) => void;
  readonly onAdd: () => void;
}

/** What counts together, how much and without which; and where each column stands. */
export function CategoriesEditor({ book, draft, onChange, onAdd }: CategoriesEditorProps) {
  const t = useTranslations('gradebook.rules');
  const b = useTranslations('gradebook');
  const { categories, places } = draft;
  const set = (id: string, part: Partial<Category>) =>
    onChange({ categories: categories.map((one) => (one.id === id ? { ...one, ...part } : one)) });
  return (
    <fieldset className="grid gap-2">
      <legend className="font-bold">{t('categories')}</legend>
      {categories.map(({ id, title, weight, dropLowest }) => (
        <div key={id} className="book-category">
          <input
            className="field"
            dir="auto"
            required
            maxLength={60}
            aria-label={t('categoryName')}
            placeholder={t('categoryName')}
            value={title}
            onChange={({ target }) => set(id, { title: target.value })}
          />
          <NumberInput
            label={t('weight')}
            value={weight}
            most={1000}
            decimals
            onChange={(value) => set(id, { weight: value })}
          />
          <NumberInput
            label={t('drop')}
            value={dropLowest}
            most={50}
            onChange={(value) => set(id, { dropLowest: Math.trunc(value) })}
          />
          <button
            type="button"
            className="act"
            onClick={() =>
              onChange({
                categories: categories.filter((one) => one.id !== id),
                places: Object.fromEntries(
                  Object.entries(places).map(([column, at]) => [column, at === id ? null : at]),
                ),
              })
            }
          >
            {t('away', { title })}
          </button>
          <p className="calm">{t('dropSays', { count: dropLowest, title })}</p>
        </div>
      ))}
      <button type="button" className="act justify-self-start" onClick={onAdd}>
        {t('add')}
      </button>
      {categories.length > 0
        ? book.columns.map(({ id, title }) => (
            <label key={id} className="book-place">
              <span dir="auto">{title}</span>
              <select
                className="field"
                value={places[id] ?? ''}
                onChange={({ target }) => onChange({ places: { ...places, [id]: target.value || null } })}
              >
                <option value="">{b('noCategory')}</option>
                {categories.map((category) => (
                  <option key={category.id} value={category.id}>
                    {category.title}
                  </option>
                ))}
              </select>
            </label>
          ))
        : null}
    </fieldset>
  );
}
