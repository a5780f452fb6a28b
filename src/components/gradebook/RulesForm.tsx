'use client';

import { useFormatter, useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { BookShown } from '../../contract/gradebook/bookShown';
import { keepRules } from '../../contract/gradebook/keepRules';
import { previewRules, type TotalsBefore } from '../../contract/gradebook/previewRules';
import { ROUNDINGS } from '../../core/gradebook/rules';
import { call } from '../basics/call';
import { newKey } from '../basics/newKey';
import { useAsking } from '../basics/useAsking';
import { BandsEditor } from './BandsEditor';
import { CategoriesEditor } from './CategoriesEditor';
import type { RulesDraft } from './rulesDraft';

interface RulesFormProps {
  readonly book: BookShown;
  readonly onDone: () => void;
}

/** By which rules figures are counted, in sentences. What they come to is shown before they count. */
export function RulesForm({ book, onDone }: RulesFormProps) {
  const t = useTranslations('gradebook.rules');
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const { version, ...rules } = book.rules;
  const [draft, setDraft] = useState<RulesDraft>({
    ...rules,
    places: Object.fromEntries(book.columns.map(({ id, categoryId }) => [id, categoryId])),
  });
  const [shown, setShown] = useState<Shown | null>(null);
  const change = (part: Partial<RulesDraft>) => {
    setDraft({ ...draft, ...part });
    // What was shown was of other rules.
    setShown(null);
  };
  const { places, ...wanted } = draft;
  const input = {
    classId: book.classId,
    ...wanted,
    categories: [...wanted.categories],
    bands: [...wanted.bands],
    places: Object.entries(places).map(([columnId, categoryId]) => ({ columnId, categoryId })),
  };
  return (
    <form
      className="book-rules"
      onSubmit={async (event) => {
        event.preventDefault();
        if (shown) {
          const kept = await wait(call(keepRules, { ...input, version }));
          if (!kept.ok) return;
          router.refresh();
          onDone();
        } else {
          const preview = await wait(call(previewRules, input));
          if (preview.ok) setShown(preview.value);
        }
      }}
    >
      <h2>{t('title')}</h2>
      <Choice
        label={t('missing')}
        value={draft.missing}
        options={[
          ['leftOut', t('missingLeftOut')],
          ['zero', t('missingZero')],
        ]}
        onChange={(missing) => change({ missing: missing as RulesDraft['missing'] })}
      />
      <Choice
        label={t('counting')}
        value={draft.counting}
        options={[
          ['points', t('countingPoints')],
          ['equal', t('countingEqual')],
        ]}
        onChange={(counting) => change({ counting: counting as RulesDraft['counting'] })}
      />
      <Choice
        label={t('rounding')}
        value={String(draft.rounding)}
        options={ROUNDINGS.map((step) => [String(step), t('step', { step })])}
        onChange={(step) => change({ rounding: Number(step) as (typeof ROUNDINGS)[number] })}
      />
      <Choice
        label={t('cap')}
        value={draft.cap === null ? '' : String(draft.cap)}
        options={[
          ['', t('capNone')],
          ['100', t('cap100')],
        ]}
        onChange={(cap) => change({ cap: cap === '' ? null : Number(cap) })}
      />
      <CategoriesEditor
        book={book}
        draft={draft}
        onChange={change}
        onAdd={() =>
          change({
            categories: [...draft.categories, { id: newKey(), title: '', weight: 1, dropLowest: 0 }],
          })
        }
      />
      <BandsEditor bands={draft.bands} onChange={(bands) => change({ bands })} />
      <p className="problem" role="alert">
        {problem}
      </p>
      {shown ? <Effect {...shown} /> : null}
      <span className="flex flex-wrap gap-3">
        <button className="btn go" disabled={busy}>
          {t(shown ? 'keep' : 'preview')}
        </button>
        <button type="button" className="btn" data-leave="" onClick={onDone}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}

interface Shown {
  readonly students: readonly TotalsBefore[];
  readonly changed: number;
  readonly of: number;
}

function Effect({ students, changed, of }: Shown) {
  const t = useTranslations('gradebook.rules');
  const format = useFormatter();
  const said = (total: number | null, letter: string | null) =>
    [total === null ? '–' : format.number(total), letter].filter((one) => one !== null).join(' ');
  return (
    <div role="status" className="book-effect">
      <p>{t('effect', { changed, of })}</p>
      <ul>
        {students.map(({ name, now, nowLetter, then, thenLetter }) => (
          <li key={name} dir="auto">
            {t('student', { name, now: said(now, nowLetter), then: said(then, thenLetter) })}
          </li>
        ))}
      </ul>
    </div>
  );
}

interface ChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [value: string, words: string])[];
  readonly onChange: (value: string) => void;
}

function Choice({ label, value, options, onChange }: ChoiceProps) {
  return (
    <label className="grid gap-1">
      {label}
      <select className="field" value={value} onChange={({ target }) => onChange(target.value)}>
        {options.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}
