'use client';

import { Plus, X } from 'lucide-react';
import { useTranslations } from 'next-intl';
import type { Span } from '../../core/classes/schoolYear';

interface SpanListProps {
  readonly legend: string;
  readonly add: string;
  readonly spans: readonly Span[];
  readonly wrong: { readonly at: number; readonly problem: string } | null;
  readonly onChange: (spans: readonly Span[]) => void;
}

/** Terms or holidays: a name, a first day and a last one, a line each. */
export function SpanList({ legend, add, spans, wrong, onChange }: SpanListProps) {
  const t = useTranslations('classSettings.span');
  const change = (at: number, part: Partial<Span>) =>
    onChange(spans.map((span, index) => (index === at ? { ...span, ...part } : span)));
  const next = () => {
    const from = spans.at(-1)?.to ?? new Date().toISOString().slice(0, 10);
    onChange([...spans, { name: '', from, to: from }]);
  };
  return (
    <fieldset className="grid gap-2">
      <legend className="mb-1 font-semibold">{legend}</legend>
      {spans.map((span, index) => (
        <span key={index} className="span-line">
          <input
            className="field"
            aria-label={t('name', { list: legend, number: index + 1 })}
            placeholder={t('nameHint')}
            maxLength={80}
            value={span.name}
            onChange={(event) => change(index, { name: event.target.value })}
          />
          <input
            className="field"
            type="date"
            required
            aria-label={t('from', { list: legend, number: index + 1 })}
            value={span.from}
            onChange={(event) => change(index, { from: event.target.value })}
          />
          <input
            className="field"
            type="date"
            required
            aria-label={t('to', { list: legend, number: index + 1 })}
            aria-invalid={wrong?.at === index}
            value={span.to}
            onChange={(event) => change(index, { to: event.target.value })}
          />
          <button
            type="button"
            className="act"
            aria-label={t('remove', { list: legend, number: index + 1 })}
            onClick={() => onChange(spans.filter((_, at) => at !== index))}
          >
            <X aria-hidden="true" size={15} />
          </button>
          {wrong?.at === index ? (
            <span role="alert" className="problem">
              {wrong.problem}
            </span>
          ) : null}
        </span>
      ))}
      <button type="button" className="act justify-self-start" onClick={next}>
        <Plus aria-hidden="true" size={15} /> {add}
      </button>
    </fieldset>
  );
}
