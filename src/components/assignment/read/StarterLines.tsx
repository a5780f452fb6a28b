'use client';

import { Plus } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { readStarters, type StarterGroup } from '../../../core/assignments/starters';
import { linesOf } from '../../../core/text/lines';
import { newKey } from '../../basics/newKey';

interface StarterLinesProps {
  readonly starters: readonly StarterGroup[];
  readonly problem: string;
  readonly onChange: (starters: readonly StarterGroup[]) => void;
}

/** A group as it is typed: lines may be empty. */
interface TypedGroup {
  readonly id: string;
  readonly when: string;
  readonly lines: readonly TypedLine[];
}

interface TypedLine {
  readonly id: string;
  readonly text: string;
}

/**
 * Sentence starters, each on a line of its own, in groups by when to use them. Enter begins a further line, going back in an
 * empty one takes it away, and pasted lines become as many starters; one with a colon at its end begins a group. Empty lines
 * are not kept.
 */
export function StarterLines({ starters, problem, onChange }: StarterLinesProps) {
  const t = useTranslations('builder.read.starterLines');
  const [groups, setGroups] = useState<readonly TypedGroup[]>(() => starters.map(typed));
  const [fresh, setFresh] = useState('');
  const set = (changed: readonly TypedGroup[]) => {
    setGroups(changed);
    onChange(changed.map(kept).filter((group) => group.when || group.starters.length));
  };
  const change = (group: TypedGroup, part: Partial<TypedGroup>) =>
    set(groups.map((one) => (one.id === group.id ? { ...one, ...part } : one)));
  const addTo = (group: TypedGroup | undefined, after = group?.lines.length ?? 0) => {
    const line = { id: newKey(), text: '' };
    setFresh(line.id);
    if (group) change(group, { lines: group.lines.toSpliced(after, 0, line) });
    else set([{ id: newKey(), when: '', lines: [line] }]);
  };
  const paste = (group: TypedGroup, index: number, text: string) => {
    const [first, ...others] = readStarters(text);
    if (!first) return;
    // A group that the pasted lines name begins below this one.
    const further = (first.when ? [first, ...others] : others).map(typed);
    const here = first.when
      ? group
      : { ...group, lines: group.lines.toSpliced(index, 1, ...typed(first).lines) };
    set(groups.flatMap((one) => (one.id === group.id ? [here, ...further] : [one])));
  };
  const count = groups.reduce((sum, { lines }) => sum + lines.length, 0);
  return (
    <section aria-label={t('title')}>
      <h3 className="flex items-baseline justify-between">
        <b>{t('title')}</b> <span className="text-[14px] text-ink-2">{count}</span>
      </h3>
      {groups.map((group, at) => (
        <div key={group.id} className="mt-1 grid gap-1" role="group" aria-label={group.when || t('title')}>
          {group.when || at > 0 || groups.length > 1 ? (
            <input
              className="starter-when"
              aria-label={t('when', { ordinal: at + 1 })}
              placeholder={t('whenHint')}
              maxLength={80}
              value={group.when}
              autoFocus={group.id === fresh}
              onChange={(event) => change(group, { when: event.target.value })}
              onKeyDown={(event) => {
                if (event.key === 'Enter') addTo(group, 0);
              }}
            />
          ) : null}
          {group.lines.map((line, index) => (
            <input
              key={line.id}
              className="starter-line"
              aria-label={t('starter', { ordinal: ordinalOf(groups, at, index) })}
              maxLength={160}
              value={line.text}
              autoFocus={line.id === fresh}
              onChange={(event) =>
                change(group, { lines: group.lines.with(index, { ...line, text: event.target.value }) })
              }
              onKeyDown={(event) => {
                if (event.key === 'Enter' && line.text.trim()) addTo(group, index + 1);
                else if (event.key === 'Backspace' && line.text === '') {
                  focus(event.currentTarget.previousElementSibling);
                  change(group, { lines: group.lines.toSpliced(index, 1) });
                } else return;
                event.preventDefault();
              }}
              onPaste={(event) => {
                const text = event.clipboardData.getData('text/plain');
                if (linesOf(text).length < 2) return;
                event.preventDefault();
                paste(group, index, line.text ? `${line.text}\n${text}` : text);
              }}
            />
          ))}
        </div>
      ))}
      <span className="mt-2 flex flex-wrap gap-x-5 gap-y-1">
        <button type="button" className="act" onClick={() => addTo(groups.at(-1))}>
          <Plus aria-hidden="true" size={15} /> {t('add')}
        </button>
        {count > 0 ? (
          <button
            type="button"
            className="act"
            onClick={() => {
              const group = { id: newKey(), when: '', lines: [] };
              setFresh(group.id);
              setGroups([...groups, group]);
            }}
          >
            {t('addGroup')}
          </button>
        ) : null}
      </span>
      <p className="problem" role="alert">
        {problem}
      </p>
    </section>
  );
}

function typed({ when, starters }: StarterGroup): TypedGroup {
  return {
    id: newKey(),
    when,
    lines: starters.map((text) => ({ id: newKey(), text })),
  };
}

function kept({ when, lines }: TypedGroup): StarterGroup {
  return { when: when.trim(), starters: lines.map(({ text }) => text.trim()).filter(Boolean) };
}

function ordinalOf(groups: readonly TypedGroup[], group: number, line: number): number {
  return groups.slice(0, group).reduce((sum, { lines }) => sum + lines.length, line + 1);
}

function focus(element: Element | null): void {
  if (element instanceof HTMLElement) element.focus();
}
