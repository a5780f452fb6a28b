'use client';

import { useTranslations } from 'next-intl';
import type { GradebookRules } from '../../core/gradebook/rules';
import { NumberInput } from './NumberInput';

interface BandsEditorProps {
  readonly bands: GradebookRules['bands'];
  readonly onChange: (bands: GradebookRules['bands']) => void;
}

/** Words or letters for totals: "Sound from 70". */
export function BandsEditor({ bands, onChange }: BandsEditorProps) {
  const t = useTranslations('gradebook.rules');
  const set = (at: number, part: Partial<GradebookRules['bands'][number]>) =>
    onChange(bands.map((band, index) => (index === at ? { ...band, ...part } : band)));
  return (
    <fieldset className="grid gap-2">
      <legend className="font-bold">{t('bands')}</legend>
      {bands.map(({ letter, from }, at) => (
        <span key={at} className="flex flex-wrap items-center gap-2">
          <input
            className="field !w-32"
            dir="auto"
            required
            maxLength={40}
            aria-label={t('bandWord')}
            value={letter}
            onChange={({ target }) => set(at, { letter: target.value })}
          />
          <NumberInput
            label={t('bandFrom')}
            value={from}
            most={1000}
            decimals
            onChange={(value) => set(at, { from: value })}
          />
          <button
            type="button"
            className="act"
            onClick={() => onChange(bands.filter((_, index) => index !== at))}
          >
            {t('away', { title: letter })}
          </button>
        </span>
      ))}
      <button
        type="button"
        className="act justify-self-start"
        onClick={() => onChange([...bands, { letter: '', from: 0 }])}
      >
        {t('addBand')}
      </button>
    </fieldset>
  );
}
