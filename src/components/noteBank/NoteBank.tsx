'use client';

import { Search } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useEffect, useId, useRef, useState } from 'react';
import { dropSentence } from '../../contract/noteBank/dropSentence';
import { keepSentence } from '../../contract/noteBank/keepSentence';
import { listSentences } from '../../contract/noteBank/listSentences';
import type { SentenceKept } from '../../contract/noteBank/sentenceKept';
import { takeSentence } from '../../contract/noteBank/takeSentence';
import { findSentences, sentenceFrom, sentenceTo } from '../../core/notes/bank';
import { call } from '../basics/call';
import { newKey } from '../basics/newKey';
import { useAsking } from '../basics/useAsking';
import { SentenceForm, type SentenceTyped } from './SentenceForm';

interface NoteBankProps {
  readonly classId: string;
  /** What the writer is called by teachers; null where no name may be said. */
  readonly called: string | null;
  /** The note that is written on, to keep it; null while none is. */
  readonly note: { readonly text: string; readonly group: string } | null;
  /** The names that groups may well have. */
  readonly groups: readonly string[];
  readonly onTake: (words: string) => void;
}

/** A sentence that is being changed, or a new one. */
interface Changing {
  readonly id: string;
  readonly version: number;
  readonly typed: SentenceTyped;
}

/** The note bank: one's own sentences, and what co-teachers share. */
export function NoteBank({ classId, called, note, groups, onTake }: NoteBankProps) {
  const t = useTranslations('noteBank');
  const id = useId();
  const { busy, problem, wait } = useAsking();
  const search = useRef<HTMLInputElement>(null);
  const [sentences, setSentences] = useState<readonly SentenceKept[] | null>(null);
  const [typed, setTyped] = useState('');
  /** Whose are shown: null for one's own. */
  const [of, setOf] = useState<string | null>(null);
  const [changing, setChanging] = useState<Changing | null>(null);
  const loading = useRef<Promise<readonly SentenceKept[]> | null>(null);
  useEffect(() => search.current?.focus(), []);
  useEffect(() => {
    loading.current ??= wait(call(listSentences, { classId })).then((outcome) => {
      if (!outcome.ok) return [];
      setSentences(outcome.value);
      return outcome.value;
    });
  }, [classId, wait]);
  const ofThem = (all: readonly SentenceKept[]) =>
    all.filter((one) => (of === null ? one.mine : !one.mine && one.owner === of));
  const owners = [...new Set(sentences?.filter((one) => !one.mine).map((one) => one.owner))];
  const found = findSentences(ofThem(sentences ?? []), typed);
  const known = [...new Set([...groups, ...(sentences ?? []).map((one) => one.group)])].filter(Boolean);

  const take = (sentence: SentenceKept) => {
    onTake(sentenceTo(sentence.words, called));
    // How often it was used is not worth waiting for.
    void call(takeSentence, { classId, sentenceId: sentence.id });
  };
  /** Takes the first that is found, also where the bank is still on its way. */
  const takeFirst = async (wanted: string) => {
    const [first] = findSentences(ofThem(sentences ?? (await loading.current) ?? []), wanted);
    if (first) take(first);
  };
  const keep = async (words: SentenceTyped) => {
    if (!changing) return;
    const { id: sentenceId, version } = changing;
    const outcome = await wait(call(keepSentence, { classId, sentenceId, version, ...words }));
    if (!outcome.ok) return;
    setSentences(outcome.value);
    setOf(null);
    setChanging(null);
  };
  const drop = async (sentenceId: string) => {
    const outcome = await wait(call(dropSentence, { classId, sentenceId }));
    if (outcome.ok) setSentences(outcome.value);
  };
  const keepNote = () =>
    setChanging({
      id: newKey().slice(0, 16),
      version: 0,
      typed: {
        words: note ? sentenceFrom(note.text, called ?? '') : '',
        group: note?.group ?? '',
        shared: false,
      },
    });

  if (changing)
    return (
      <SentenceForm
        key={changing.id}
        first={changing.typed}
        groups={known}
        busy={busy}
        problem={problem}
        onKeep={(words) => void keep(words)}
        onLeave={() => setChanging(null)}
      />
    );
  return (
    <>
      <div className="bank-head">
        <label className="bank-search" htmlFor={id}>
          <Search size={16} aria-hidden="true" />
          <span className="sr-only">{t('find')}</span>
          <input
            ref={search}
            id={id}
            type="search"
            dir="auto"
            placeholder={t('find')}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter' || typed.trim() === '') return;
              event.preventDefault();
              void takeFirst(typed);
            }}
          />
        </label>
        <span className="bank-owners" role="group" aria-label={t('whose')}>
          {[null, ...owners].map((owner) => (
            <button key={owner ?? ''} type="button" aria-pressed={of === owner} onClick={() => setOf(owner)}>
              {owner === null
                ? t('yours', { count: sentences?.filter((one) => one.mine).length ?? 0 })
                : t('theirs', {
                    owner,
                    count: sentences?.filter((one) => !one.mine && one.owner === owner).length ?? 0,
                  })}
            </button>
          ))}
        </span>
        <button type="button" className="act" onClick={keepNote}>
          {t(note && note.text.trim() !== '' ? 'keepNote' : 'write')}
        </button>
      </div>
      <p role="alert" className="problem">
        {problem}
      </p>
      {sentences && found.length === 0 ? (
        <p className="text-ink-2" role="status">
          {typed.trim() === '' ? t('empty') : t('none')}
        </p>
      ) : null}
      <ul className="bank">
        {found.map((one) => (
          <li key={one.id}>
            <button type="button" className="bank-words" dir="auto" onClick={() => take(one)}>
              {one.words}
            </button>
            <span className="bank-about">
              {[one.group, one.uses > 0 ? t('used', { count: one.uses }) : null].filter(Boolean).join(', ')}
              {one.mine ? (
                <>
                  {one.shared ? <span>{t('shared')}</span> : null}
                  <button
                    type="button"
                    className="act"
                    aria-label={t('changeThis', { words: one.words })}
                    onClick={() => setChanging({ id: one.id, version: one.version, typed: one })}
                  >
                    {t('change')}
                  </button>
                  <button
                    type="button"
                    className="act"
                    disabled={busy}
                    aria-label={t('dropThis', { words: one.words })}
                    onClick={() => void drop(one.id)}
                  >
                    {t('drop')}
                  </button>
                </>
              ) : null}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
