'use client';

import { Printer } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { makePasscodes, type Card } from '../../contract/people/makePasscodes';
import type { PasscodeKind } from '../../core/people/passcode';
import { call } from '../basics/call';
import { useNumberInWords } from '../basics/useNumberInWords';
import { useFocusOnStep } from '../basics/useFocusOnStep';
import { useAskBeforeLeaving } from '../basics/useAskBeforeLeaving';
import { useAsking } from '../basics/useAsking';
import { SignInCard } from './SignInCard';
import { SignInChoice } from './SignInChoice';
import { canHaveCard, type RosterStudent } from './rosterProps';

interface CardsProps {
  readonly classId: string;
  readonly className: string;
  readonly code: string;
  /** The address that the cards carry: the sign-in with the class's code. */
  readonly address: string;
  readonly passcodeKind: PasscodeKind;
  readonly namesTyped: boolean;
  readonly students: readonly Pick<RosterStudent, 'personId' | 'name' | 'signIn'>[];
  /** Who is chosen to begin with. */
  readonly chosen: readonly string[];
}

/** Sign-in cards: for whom, then the cards themselves, which can be read this once and printed. */
export function Cards({ students, chosen: first, ...props }: CardsProps) {
  const { classId, className, code, address } = props;
  const t = useTranslations('cards');
  const inWords = useNumberInWords();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(first));
  const [cards, setCards] = useState<readonly Card[] | null>(null);
  const [printed, setPrinted] = useState(false);
  const { busy, problem, wait } = useAsking();
  const step = useFocusOnStep<HTMLElement>(cards ? 'made' : 'choose');
  useAskBeforeLeaving(cards && !printed ? t('notPrinted') : '');
  const make = async () => {
    const personIds = students.filter((one) => chosen.has(one.personId)).map((one) => one.personId);
    const outcome = await wait(call(makePasscodes, { classId, personIds }));
    if (!outcome.ok) return;
    setPrinted(false);
    setCards(outcome.value.cards);
  };
  if (cards)
    return (
      <main ref={step} className="page" id="main">
        <div className="no-print flex flex-wrap items-start justify-between gap-4">
          <div>
            <h1 className="says">{t('made', { count: cards.length, number: inWords(cards.length) })}</h1>
            <p className="under">{t('onlyNow')}</p>
          </div>
          <span className="flex gap-3">
            <button
              type="button"
              className="btn"
              onClick={() => {
                if (printed || window.confirm(t('notPrinted'))) setCards(null);
              }}
            >
              {t('others')}
            </button>
            <button
              type="button"
              className="btn go"
              onClick={() => {
                window.print();
                setPrinted(true);
              }}
            >
              <Printer aria-hidden="true" size={16} /> {t('print')}
            </button>
          </span>
        </div>
        <ul className="sign-in-cards">
          {cards.map((card) => (
            <SignInCard key={card.personId} card={card} className={className} code={code} address={address} />
          ))}
        </ul>
      </main>
    );
  const toggle = (personId: string) => {
    const next = new Set(chosen);
    if (!next.delete(personId)) next.add(personId);
    setChosen(next);
  };
  const possible = students.filter((one) => canHaveCard(one));
  const replaced = possible.filter((one) => chosen.has(one.personId) && one.signIn !== 'noCard').length;
  return (
    <main ref={step} className="page" id="main">
      <div className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <h1 className="says">{t('title', { count: chosen.size, number: inWords(chosen.size) })}</h1>
          <p className="under">{replaced > 0 ? t('replaces', { count: replaced }) : t('whatFor')}</p>
        </div>
        <button
          type="button"
          className="btn go"
          disabled={busy || chosen.size === 0}
          onClick={() => void make()}
        >
          {t('make', { count: chosen.size })}
        </button>
      </div>
      <p className="problem" role="alert">
        {problem}
      </p>
      <SignInChoice classId={classId} passcodeKind={props.passcodeKind} namesTyped={props.namesTyped} />
      <p className="mt-6 flex gap-5">
        <button
          type="button"
          className="act"
          onClick={() => setChosen(new Set(possible.map((one) => one.personId)))}
        >
          {t('all')}
        </button>
        <button type="button" className="act" onClick={() => setChosen(new Set())}>
          {t('none')}
        </button>
      </p>
      <ul className="mt-3 grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
        {students.map((one) => (
          <li key={one.personId} className="border-b border-line py-2.5">
            <label className="flex items-center gap-3">
              <input
                type="checkbox"
                disabled={!canHaveCard(one)}
                checked={chosen.has(one.personId)}
                onChange={() => toggle(one.personId)}
              />
              <b>{one.name}</b>
              <span className="calm ml-auto">{t(`state.${one.signIn}`)}</span>
            </label>
          </li>
        ))}
      </ul>
    </main>
  );
}
