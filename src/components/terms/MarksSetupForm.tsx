'use client';

import { useTranslations } from 'next-intl';
import { MARK_FIELDS, type MarksSetup } from '../../core/gradebook/marksFile';

interface MarksSetupFormProps {
  readonly setup: MarksSetup;
  readonly onChange: (setup: MarksSetup) => void;
}

const DELIMITERS = { ',': 'comma', ';': 'semicolon', '\t': 'tab' } as const;
const DECIMALS = { '.': 'point', ',': 'comma' } as const;

/** How the school's system wants its columns: their headings, what they hold, in which order. */
export function MarksSetupForm({ setup, onChange }: MarksSetupFormProps) {
  const t = useTranslations('term.file');
  const { columns } = setup;
  const change = (at: number, part: Partial<(typeof columns)[number]>) =>
    onChange({
      ...setup,
      columns: columns.map((column, place) => (place === at ? { ...column, ...part } : column)),
    });
  return (
    <fieldset className="grid gap-2">
      {columns.map(({ heading, holds }, at) => (
        <div key={at} className="flex flex-wrap items-center gap-2">
          <input
            className="field !w-44"
            dir="auto"
            maxLength={80}
            aria-label={t('heading', { number: at + 1 })}
            value={heading}
            onChange={({ target }) => change(at, { heading: target.value })}
          />
          <select
            className="field !w-auto"
            aria-label={t('holds', { number: at + 1 })}
            value={holds}
            onChange={({ target }) => change(at, { holds: MARK_FIELDS.find((one) => one === target.value)! })}
          >
            {MARK_FIELDS.map((field) => (
              <option key={field} value={field}>
                {t(`field.${field}`)}
              </option>
            ))}
          </select>
          <button
            type="button"
            className="btn"
            disabled={at === 0}
            aria-label={t('up', { number: at + 1 })}
            onClick={() =>
              onChange({
                ...setup,
                columns: columns.toSpliced(at - 1, 2, columns[at]!, columns[at - 1]!),
              })
            }
          >
            ↑
          </button>
          <button
            type="button"
            className="btn"
            disabled={columns.length === 1}
            aria-label={t('away', { number: at + 1 })}
            onClick={() => onChange({ ...setup, columns: columns.toSpliced(at, 1) })}
          >
            ×
          </button>
        </div>
      ))}
      <button
        type="button"
        className="act justify-self-start"
        disabled={columns.length >= 30}
        onClick={() => onChange({ ...setup, columns: [...columns, { heading: '', holds: 'nothing' }] })}
      >
        {t('add')}
      </button>
      <div className="flex flex-wrap items-center gap-4">
        <label className="flex items-center gap-2">
          {t('delimiter')}
          <select
            className="field !w-auto"
            value={setup.delimiter}
            onChange={({ target }) =>
              onChange({ ...setup, delimiter: target.value as MarksSetup['delimiter'] })
            }
          >
            {Object.entries(DELIMITERS).map(([sign, name]) => (
              <option key={name} value={sign}>
                {t(name)}
              </option>
            ))}
          </select>
        </label>
        <label className="flex items-center gap-2">
          {t('decimal')}
          <select
            className="field !w-auto"
            value={setup.decimal}
            onChange={({ target }) => onChange({ ...setup, decimal: target.value as MarksSetup['decimal'] })}
          >
            {Object.entries(DECIMALS).map(([sign, name]) => (
              <option key={name} value={sign}>
                {t(name)}
              </option>
            ))}
          </select>
        </label>
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={setup.headings}
            onChange={({ target }) => onChange({ ...setup, headings: target.checked })}
          />
          {t('headings')}
        </label>
      </div>
    </fieldset>
  );
}
