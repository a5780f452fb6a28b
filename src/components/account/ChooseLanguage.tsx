'use client';

import { useTranslations } from 'next-intl';
import { useId } from 'react';
import { chooseLanguage } from '../../contract/doors/chooseLanguage';
import { HOUSE_LANGUAGES, houseLanguage, type HouseLanguage } from '../../core/languages/languages';
import { ask } from '../basics/call';
import { useAsking } from '../basics/useAsking';

/** The language in which somebody is spoken to. @param chosen null while it is the one of their class */
export function ChooseLanguage({ chosen }: { readonly chosen: HouseLanguage | null }) {
  const t = useTranslations('account.language');
  const id = useId();
  const { busy, problem, wait } = useAsking();
  const choose = async (language: HouseLanguage | null) => {
    const { ok } = await wait(ask(chooseLanguage, { language }), { leaves: true });
    // Every word of the page changes, and the frame around it.
    if (ok) window.location.reload();
  };
  return (
    <section className="mt-10">
      <h2 className="section-head">{t('heading')}</h2>
      <label className="mt-3 flex flex-wrap items-baseline gap-3" htmlFor={id}>
        {t('label')}
        <select
          id={id}
          className="field !w-auto"
          disabled={busy}
          value={chosen ?? ''}
          onChange={(event) => void choose(houseLanguage(event.target.value))}
        >
          <option value="">{t('asClass')}</option>
          {Object.keys(HOUSE_LANGUAGES).map((language) => (
            <option key={language} value={language} lang={language}>
              {new Intl.DisplayNames([language], { type: 'language' }).of(language)}
            </option>
          ))}
        </select>
      </label>
      <p role="alert" className="problem">
        {problem}
      </p>
    </section>
  );
}
