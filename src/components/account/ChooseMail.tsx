'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { chooseMail } from '../../contract/doors/chooseMail';
import { MAIL_CHOICES, type MailChoice } from '../../core/people/notices';
import { ask } from '../basics/call';
import { useAsking } from '../basics/useAsking';

/** How soon somebody is written to about what waits for them; it is kept as soon as it is chosen. */
export function ChooseMail({ choice: first }: { readonly choice: MailChoice }) {
  const t = useTranslations('account.mail');
  const id = useId();
  const { busy, problem, wait } = useAsking();
  const [choice, setChoice] = useState(first);
  const choose = async (wanted: MailChoice) => {
    const { ok } = await wait(ask(chooseMail, { choice: wanted }));
    if (ok) setChoice(wanted);
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
          value={choice}
          onChange={({ target }) => {
            const wanted = MAIL_CHOICES.find((one) => one === target.value);
            if (wanted) void choose(wanted);
          }}
        >
          {MAIL_CHOICES.map((one) => (
            <option key={one} value={one}>
              {t(`choices.${one}`)}
            </option>
          ))}
        </select>
      </label>
      <p className="under mt-2 max-w-[60ch]">{t('under')}</p>
      <p role="alert" className="problem">
        {problem}
      </p>
    </section>
  );
}
