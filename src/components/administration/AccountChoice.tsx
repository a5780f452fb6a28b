'use client';

import { useState } from 'react';
import { changeAccount } from '../../contract/administration/changeAccount';
import type { AccountRole } from '../../core/access/may';
import { useDeed } from '../basics/useDeed';
import { useMadeWords } from '../basics/useMadeWords';

interface AccountChoiceProps {
  readonly personId: string;
  readonly name: string;
  readonly account: AccountRole | null;
  /** Whether it is whoever looks: nobody changes their own. */
  readonly own: boolean;
}

/** What somebody is in the install. Taking an account away is asked again: it signs them out everywhere. */
export function AccountChoice({ personId, name, account, own }: AccountChoiceProps) {
  const t = useMadeWords('install');
  const { act, busy, problem } = useDeed();
  const [asking, setAsking] = useState(false);
  const change = async (to: AccountRole | null) => {
    if (await act(changeAccount, { personId, account: to })) setAsking(false);
  };
  return (
    <span>
      <select
        className="field"
        aria-label={t('accountOf', { name })}
        value={asking ? '' : (account ?? '')}
        disabled={busy || own}
        onChange={({ target: { value } }) => {
          if (value === 'teacher' || value === 'administrator') void change(value);
          else setAsking(true);
        }}
      >
        <option value="teacher">{t('account.teacher')}</option>
        <option value="administrator">{t('account.administrator')}</option>
        <option value="">{t('account.none')}</option>
      </select>
      {asking ? (
        <span className="ask mt-2 block">
          {t('takingAway', { name })}{' '}
          <button type="button" className="act" disabled={busy} onClick={() => void change(null)}>
            {t('takeAway', { name })}
          </button>{' '}
          <button type="button" className="act" data-leave="" onClick={() => setAsking(false)}>
            {t('people.leave')}
          </button>
        </span>
      ) : null}
      <span role="alert" className="problem">
        {problem}
      </span>
    </span>
  );
}
