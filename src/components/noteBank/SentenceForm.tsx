'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { LONGEST_GROUP, LONGEST_SENTENCE } from '../../core/notes/bank';

/** What is typed of a sentence that is kept. */
export interface SentenceTyped {
  readonly words: string;
  readonly group: string;
  readonly shared: boolean;
}

interface SentenceFormProps {
  readonly first: SentenceTyped;
  /** Names of groups to choose from, besides those of one's own. */
  readonly groups: readonly string[];
  readonly busy: boolean;
  readonly problem: string;
  readonly onKeep: (typed: SentenceTyped) => void;
  readonly onLeave: () => void;
}

/** A sentence of the note bank: its words, its group, and who else may use it. */
export function SentenceForm({ first, groups, busy, problem, onKeep, onLeave }: SentenceFormProps) {
  const t = useTranslations('noteBank');
  const id = useId();
  const [{ words, group, shared }, setTyped] = useState<SentenceTyped>({
    words: first.words,
    group: first.group,
    shared: first.shared,
  });
  const type = (part: Partial<SentenceTyped>) => setTyped((typed) => ({ ...typed, ...part }));
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        onKeep({ words, group, shared });
      }}
    >
      <label className="grid gap-1" htmlFor={`${id}-words`}>
        <span className="font-semibold">{t('words')}</span>
        <textarea
          id={`${id}-words`}
          dir="auto"
          autoFocus
          className="field [field-sizing:content]"
          maxLength={LONGEST_SENTENCE}
          aria-describedby={`${id}-gap`}
          value={words}
          onChange={(event) => type({ words: event.target.value })}
        />
        <span id={`${id}-gap`} className="text-[13.5px] text-ink-2">
          {t('gap', { gap: '{name}' })}
        </span>
      </label>
      <label className="grid gap-1" htmlFor={`${id}-group`}>
        <span className="font-semibold">{t('group')}</span>
        <input
          id={`${id}-group`}
          dir="auto"
          className="field"
          list={`${id}-groups`}
          maxLength={LONGEST_GROUP}
          value={group}
          onChange={(event) => type({ group: event.target.value })}
        />
        <datalist id={`${id}-groups`}>
          {groups.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      </label>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={shared}
          onChange={(event) => type({ shared: event.target.checked })}
        />
        {t('share')}
      </label>
      <p role="alert" className="problem">
        {problem}
      </p>
      <span className="flex gap-3">
        <button className="btn go" disabled={busy || words.trim() === ''}>
          {t('keep')}
        </button>
        <button type="button" className="btn" data-leave="" onClick={onLeave}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}
