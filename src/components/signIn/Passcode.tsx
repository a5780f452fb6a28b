'use client';

import { KeyRound, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { PASSCODE_LENGTH, PICTURE_WORDS, type PasscodeKind } from '../../core/people/passcode';
import { Pickets } from '../railing/Pickets';
import { WordDrawing } from './WordDrawing';
import { useMadeWords } from '../basics/useMadeWords';

interface PasscodeProps {
  readonly name: string;
  readonly kind: PasscodeKind;
  readonly problem: string;
  /** True when the passcode was right. */
  readonly onComplete: (passcode: string) => Promise<boolean>;
}

const DIGITS = Array.from({ length: 10 }, (_, index) => String((index + 1) % 10));

/** The passcode: three picture words or four digits, pressed one after the other. Those chosen are covered. */
export function Passcode({ name, kind, problem, onComplete }: PasscodeProps) {
  const t = useMadeWords('signIn');
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [busy, setBusy] = useState(false);
  const length = PASSCODE_LENGTH[kind];
  const choose = async (sign: string) => {
    const next = [...chosen, sign];
    setChosen(next);
    if (next.length < length) return;
    setBusy(true);
    if (await onComplete(next.join(' '))) return;
    setChosen([]);
    setBusy(false);
  };
  const step = Math.min(chosen.length, length - 1);
  return (
    <section>
      <p className="mt-4 text-ink-2">{t('step', { step: 3 })}</p>
      <h1 className="says">{t(`${kind}.${step}`, { name: name.split(' ')[0] ?? name })}</h1>
      <ol
        className="mt-4 grid auto-cols-fr grid-flow-col border-t-[5px] border-porch bg-board"
        aria-label={t('covered', { count: chosen.length })}
      >
        {Array.from({ length }, (_, index) => (
          <li key={index} className="bay !pb-2">
            <Pickets
              toCome
              slats={Array.from({ length: 3 }, () => (index < chosen.length ? 'met' : 'gap'))}
            />
            <b>{t(`nth.${index}`)}</b>
          </li>
        ))}
      </ol>
      <p className="problem mt-3 min-h-6" role="alert">
        {problem}
      </p>
      <ul className={kind === 'pictures' ? 'grid grid-cols-4 gap-2' : 'grid grid-cols-3 gap-2'}>
        {kind === 'pictures'
          ? PICTURE_WORDS.map((word) => (
              <li key={word}>
                <button
                  type="button"
                  disabled={busy}
                  className="passcode-sign"
                  onClick={() => void choose(word)}
                >
                  <WordDrawing word={word} size={52} />
                  {t(`words.${word}`)}
                </button>
              </li>
            ))
          : DIGITS.map((digit) => (
              <li key={digit} className="last:col-start-2">
                <button
                  type="button"
                  disabled={busy}
                  className="passcode-sign text-[24px]"
                  onClick={() => void choose(digit)}
                >
                  {digit}
                </button>
              </li>
            ))}
      </ul>
      <p className="mt-5 flex justify-between">
        <button
          type="button"
          className="act"
          disabled={busy || chosen.length === 0}
          onClick={() => setChosen(chosen.slice(0, -1))}
        >
          <Undo2 aria-hidden="true" size={15} /> {t('takeLastBack')}
        </button>
        <button
          type="button"
          className="act"
          disabled={busy || chosen.length === 0}
          onClick={() => setChosen([])}
        >
          {t('startAgain')}
        </button>
      </p>
      <p className="mt-6 flex gap-3 bg-board p-4 text-[14.5px]">
        <KeyRound aria-hidden="true" size={18} className="shrink-0" />
        {t('lostCard')}
      </p>
    </section>
  );
}
