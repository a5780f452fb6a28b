'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { weighTerms } from '../../contract/gradebook/weighTerms';
import type { TermInYear } from '../../contract/gradebook/termShown';
import { useDeed } from '../basics/useDeed';
import { NumberInput } from '../gradebook/NumberInput';

interface WeightsProps {
  readonly term: { readonly classId: string; readonly weights: readonly TermInYear[] };
  readonly onDone: () => void;
}

/** How much each term counts in the year. */
export function Weights({ term: { classId, weights }, onDone }: WeightsProps) {
  const t = useTranslations('term.weights');
  const { act, busy, problem } = useDeed();
  const [typed, setTyped] = useState(weights.map(({ weight }) => weight));
  const all = typed.reduce((sum, weight) => sum + weight, 0);
  return (
    <form
      className="term-weights"
      onSubmit={(event) => {
        event.preventDefault();
        const given = weights.map(({ term }, at) => ({ term, weight: typed[at]! }));
        void act(weighTerms, { classId, weights: given }).then((kept) => kept && onDone());
      }}
    >
      <b>{t('title')}</b>
      {weights.map(({ term, name }, at) => (
        <span key={term} className="flex items-center gap-2" dir="auto">
          <NumberInput
            label={name}
            value={typed[at]!}
            most={1000}
            decimals
            onChange={(weight) => setTyped(typed.map((one, place) => (place === at ? weight : one)))}
          />
          {all > 0 ? t('share', { share: typed[at]! / all }) : null}
        </span>
      ))}
      <button className="btn go" disabled={busy}>
        {t('keep')}
      </button>
      <button type="button" className="btn" onClick={onDone}>
        {t('leave')}
      </button>
      {problem ? (
        <span role="alert" className="problem">
          {problem}
        </span>
      ) : null}
    </form>
  );
}
