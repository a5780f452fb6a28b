'use client';

import { KeyRound, Undo2 } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { Pickets } from '../railing/Pickets';
import { WORD_PICTURES } from './wordPictures';

const LENGTH = 3;

interface PictureWordsProps {
  readonly name: string;
  readonly problem: string;
  /** True when the passcode was right. */
  readonly onComplete: (passcode: string) => Promise<boolean>;
}

/** The passcode: three picture words, pressed or typed. Those chosen are covered. */
export function PictureWords({ name, problem, onComplete }: PictureWordsProps) {
  const t = useTranslations('signIn');
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [busy, setBusy] = useState(false);
  const choose = async (word: string) => {
    const next = [...chosen, word];
    setChosen(next);
    if (next.length < LENGTH) return;
    setBusy(true);
    if (await onComplete(next.join(' '))) return;
    setChosen([]);
    setBusy(false);
  };
  const step = Math.min(chosen.length, LENGTH - 1);
  return (
    <section>
      <p className="mt-4 text-ink-2">{t('step', { step: 3 })}</p>
      <h1 className="says">{t(`picture.${step}`, { name: name.split(' ')[0] ?? name })}</h1>
      <ol
        className="mt-4 grid grid-cols-3 border-t-[5px] border-porch bg-board"
        aria-label={t('covered', { count: chosen.length })}
      >
        {Array.from({ length: LENGTH }, (_, index) => (
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
      <ul className="grid grid-cols-4 gap-2">
        {WORD_PICTURES.map(({ word, drawing }) => (
          <li key={word}>
            <button
              type="button"
              disabled={busy}
              className="grid w-full justify-items-center gap-1 rounded border-[1.5px] border-edge bg-sheet px-1 py-3 font-semibold hover:border-porch"
              onClick={() => void choose(word)}
            >
              <svg
                viewBox="0 0 60 60"
                width="52"
                height="52"
                aria-hidden="true"
                dangerouslySetInnerHTML={{ __html: drawing }}
              />
              {t(`words.${word}`)}
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
