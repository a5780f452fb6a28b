'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import type { PasscodeKind } from '../../core/people/passcode';
import { listNames, type NamesOfClass } from '../../contract/doors/listNames';
import { signIn as signInDoor } from '../../contract/doors/signIn';
import { ask } from '../basics/call';
import { Mark } from '../basics/Mark';
import { useFocusOnStep } from '../basics/useFocusOnStep';
import { useAsking } from '../basics/useAsking';
import { Passcode } from './Passcode';

/** Who signs in: chosen from the list, where each name has a handle, or by a typed name. */
interface Who {
  readonly who?: string;
  readonly name: string;
  readonly kind: PasscodeKind;
}

/** Three steps, one after the other; each that is done stands above and can be taken back. */
export function StudentSteps({
  cardCode,
  onSignedIn = toToday,
}: {
  readonly cardCode: string;
  readonly onSignedIn?: () => void;
}) {
  const t = useTranslations('signIn');
  const [code, setCode] = useState(cardCode);
  const [names, setNames] = useState<NamesOfClass | null>(null);
  const [who, setWho] = useState<Who | null>(null);
  const { problem, say, wait } = useAsking();
  const [ownDevice, setOwnDevice] = useState(false);

  const enterCode = async () => {
    const outcome = await wait(ask(listNames, { code }));
    if (outcome.ok) setNames(outcome.value);
  };
  const signIn = async (passcode: string) => {
    const asWhom = who?.who ? { who: who.who } : { name: who?.name ?? '' };
    const { ok } = await wait(ask(signInDoor, { as: 'student', code, ...asWhom, passcode, ownDevice }));
    if (ok) onSignedIn();
    return ok;
  };

  const step = useFocusOnStep<HTMLDivElement>(who ? 'passcode' : names ? 'name' : 'code');
  return (
    <div ref={step}>
      {names ? (
        <Done
          text={`${names.title} ${names.groupName}`}
          back={t('otherClass')}
          onBack={() => (setNames(null), setWho(null), say(''))}
        />
      ) : null}
      {who ? <Done text={who.name} back={t('notMe')} onBack={() => (setWho(null), say(''))} /> : null}
      {!names ? (
        <CodeForm code={code} problem={problem} onChange={setCode} onSubmit={() => void enterCode()} />
      ) : who ? (
        <>
          <Passcode name={who.name} kind={who.kind} problem={problem} onComplete={signIn} />
          <label className="mt-4 flex items-center gap-3">
            <input
              type="checkbox"
              checked={ownDevice}
              onChange={(event) => setOwnDevice(event.target.checked)}
            />
            <span>{t('ownDevice')}</span>
          </label>
        </>
      ) : names.typed ? (
        <NameForm onName={(name) => setWho({ name, kind: names.kind })} />
      ) : (
        <section>
          <p className="mt-4 text-ink-2">{t('step', { step: 2 })}</p>
          <h1 className="says">{t('whoAreYou')}</h1>
          <ul className="mt-4 grid grid-cols-2 gap-2">
            {names.names.map((one) => (
              <li key={one.who}>
                <button type="button" className="btn w-full !justify-start" onClick={() => setWho(one)}>
                  {one.name}
                </button>
              </li>
            ))}
          </ul>
          {names.names.length === 0 ? <p className="under mt-4">{t('nobodyYet')}</p> : null}
        </section>
      )}
    </div>
  );
}

function toToday(): void {
  window.location.assign('/today');
}

function NameForm({ onName }: { readonly onName: (name: string) => void }) {
  const t = useTranslations('signIn');
  const id = useId();
  const [name, setName] = useState('');
  return (
    <form
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim()) onName(name.trim());
      }}
    >
      <div>
        <p className="mt-4 text-ink-2">{t('step', { step: 2 })}</p>
        <h1 className="says">{t('whoAreYou')}</h1>
      </div>
      <label className="grid gap-1" htmlFor={id}>
        <span className="font-semibold">{t('yourName')}</span>
        <input
          id={id}
          className="field !text-[20px]"
          autoComplete="off"
          spellCheck={false}
          maxLength={200}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <button className="btn go" disabled={!name.trim()}>
        {t('goOn')}
      </button>
    </form>
  );
}

function Done({
  text,
  back,
  onBack,
}: {
  readonly text: string;
  readonly back: string;
  readonly onBack: () => void;
}) {
  return (
    <p className="flex items-center gap-3 border-b border-line py-2.5">
      <Mark id="s-m" className="s" />
      <b>{text}</b>
      <button type="button" className="act ml-auto" onClick={onBack}>
        {back}
      </button>
    </p>
  );
}

interface CodeFormProps {
  readonly code: string;
  readonly problem: string;
  readonly onChange: (code: string) => void;
  readonly onSubmit: () => void;
}

function CodeForm({ code, problem, onChange, onSubmit }: CodeFormProps) {
  const t = useTranslations('signIn');
  const id = useId();
  return (
    <form
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        onSubmit();
      }}
    >
      <div>
        <p className="text-ink-2">{t('step', { step: 1 })}</p>
        <h1 className="says">{t('whichClass')}</h1>
      </div>
      <label className="grid gap-1" htmlFor={id}>
        <span className="font-semibold">{t('classCode')}</span>
        <input
          id={id}
          className="field !text-[20px] uppercase tracking-widest"
          autoComplete="off"
          autoCapitalize="characters"
          spellCheck={false}
          maxLength={40}
          value={code}
          aria-invalid={problem !== ''}
          aria-describedby={`${id}-problem`}
          onChange={(event) => onChange(event.target.value)}
        />
      </label>
      <p id={`${id}-problem`} className="problem" role="alert">
        {problem}
      </p>
      <button className="btn go">{t('goOn')}</button>
      <p className="text-ink-2">{t('codeIsOnCard')}</p>
    </form>
  );
}
