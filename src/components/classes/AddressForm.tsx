'use client';

import { useTranslations } from 'next-intl';
import { useEffect, useState } from 'react';
import { changeAddress } from '../../contract/classes/changeAddress';
import { checkAddress, type AddressChecked } from '../../contract/classes/checkAddress';
import { call } from '../basics/call';
import { Field } from '../basics/Field';
import { useDeed } from '../basics/useDeed';
import { KeepLine } from './KeepLine';

interface AddressFormProps {
  readonly classId: string;
  readonly address: string;
  readonly origin: string;
}

/** How long a pause in typing is, in milliseconds, before the address is asked for. */
const PAUSE = 300;

/** The address of the class blog: looked at while it is typed, with free ones where it cannot be had. */
export function AddressForm({ classId, address, origin }: AddressFormProps) {
  const t = useTranslations('classSettings.address');
  const refusals = useTranslations('refusals.class.address');
  const { act, busy, problem } = useDeed();
  const [typed, setTyped] = useState(address);
  const [checked, setChecked] = useState<(AddressChecked & { readonly for: string }) | null>(null);
  useEffect(() => {
    if (typed === address) return;
    const timer = setTimeout(() => {
      void call(checkAddress, { classId, address: typed }).then((outcome) => {
        if (outcome.ok) setChecked({ ...outcome.value, for: typed });
      });
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [classId, typed, address]);
  const now = checked?.for === typed && typed !== address ? checked : null;
  return (
    <form
      className="grid gap-3"
      onSubmit={async (event) => {
        event.preventDefault();
        await act(changeAddress, { classId, address: typed });
      }}
    >
      <h2 className="section-head">{t('heading')}</h2>
      <Field
        label={t('label')}
        hint={t('is', { address: `${origin}/blog/${typed}` })}
        value={typed}
        maxLength={60}
        spellCheck={false}
        autoCapitalize="none"
        problem={now?.problem ? refusals(now.problem) : problem}
        onText={(text) => setTyped(text.toLowerCase())}
      />
      {now && now.suggestions.length > 0 ? (
        <p className="flex flex-wrap items-center gap-x-4 gap-y-1">
          {t('free')}
          {now.suggestions.map((one) => (
            <button key={one} type="button" className="act" onClick={() => setTyped(one)}>
              {one}
            </button>
          ))}
        </p>
      ) : null}
      <p role="status" className="text-[13.5px] text-ink-2">
        {now && !now.problem ? t('isFree') : t('oldStays')}
      </p>
      <KeepLine busy={busy} changed={typed !== address && !now?.problem} kept={false} />
    </form>
  );
}
