'use client';

import { useFormatter, useTranslations } from 'next-intl';
import { useRefusal } from '../../basics/useRefusal';
import type { BringIn } from './useBringIn';

/** Says what was changed in something that was brought in, with one press to take it back. */
export function BroughtInLine({ bringIn, doc }: { readonly bringIn: BringIn; readonly doc: object | null }) {
  const t = useTranslations('editor.broughtIn');
  const format = useFormatter();
  const refusal = useRefusal();
  const { state } = bringIn;
  if (state.kind === 'nothing') return null;
  if (state.kind === 'reading')
    return (
      <p className="mb-3 text-ink-2" role="status">
        {t('reading', { name: state.name })}
      </p>
    );
  const refused = state.kind === 'refused';
  return (
    <p
      className={`mb-3 flex flex-wrap gap-x-4 border-l-4 pl-3 ${refused ? 'border-clay' : 'border-dusk'}`}
      role={refused ? 'alert' : 'status'}
    >
      <span>
        {refused
          ? `${state.name}: ${refusal(state.refusal)}`
          : state.notes.length
            ? t('changed', { what: format.list(state.notes.map((note) => t(`notes.${note}`))) })
            : t('unchanged')}
      </span>
      {state.kind === 'done' && state.after === doc ? (
        <button type="button" className="act" onClick={bringIn.takeBack}>
          {t('takeBack')}
        </button>
      ) : null}
      <button type="button" className="act" onClick={bringIn.dismiss}>
        {t('understood')}
      </button>
    </p>
  );
}
