'use client';

import { X } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { labelKey } from '../../../core/requirements/kinds/labels';
import type { TrayContentProps } from './trayProps';

/** Labels to press: those that the assignment needs first, then the rest of the class's set. */
export function LabelsTray({ requirement, assignment, labels, setLabels }: TrayContentProps) {
  const t = useTranslations('requirements.labels.tray');
  const [typed, setTyped] = useState('');
  const held = new Set(labels.map(labelKey));
  const allOf = (requirement['allOf'] as readonly string[] | undefined) ?? [];
  const groups = (requirement['oneOf'] as readonly (readonly string[])[] | undefined) ?? [];
  const needed = [...allOf, ...groups.flat()];
  const neededKeys = new Set(needed.map(labelKey));
  const others = assignment.classLabels.filter(
    (label) => !neededKeys.has(labelKey(label)) && !held.has(labelKey(label)),
  );
  const add = (label: string) => {
    if (label.trim() && !held.has(labelKey(label))) setLabels([...labels, label.trim()]);
  };
  return (
    <div className="mt-3 grid gap-3">
      {allOf.length ? <Row title={t('allOf')} labels={allOf} held={held} onPress={add} /> : null}
      {groups.map((group) => (
        <Row key={group.join()} title={t('oneOf')} labels={group} held={held} onPress={add} />
      ))}
      <div className="flex flex-wrap items-center gap-2">
        <span className="text-ink-2">{t('onThisPost')}</span>
        {labels.length === 0 ? <span>{t('none')}</span> : null}
        {labels.map((label) => (
          <button
            key={label}
            type="button"
            className="btn go !py-1.5"
            aria-label={t('remove', { label })}
            onClick={() => setLabels(labels.filter((one) => one !== label))}
          >
            {label} <X aria-hidden="true" size={14} />
          </button>
        ))}
      </div>
      {others.length ? <Row title={t('add')} labels={others} held={held} onPress={add} /> : null}
      <form
        className="flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          add(typed);
          setTyped('');
        }}
      >
        <input
          className="field !w-56"
          aria-label={t('own')}
          placeholder={t('own')}
          maxLength={60}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <button className="btn">{t('put')}</button>
      </form>
    </div>
  );
}

interface RowProps {
  readonly title: string;
  readonly labels: readonly string[];
  readonly held: ReadonlySet<string>;
  readonly onPress: (label: string) => void;
}

function Row({ title, labels, held, onPress }: RowProps) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="text-ink-2">{title}</span>
      {labels.map((label) => (
        <button
          key={label}
          type="button"
          className="btn !py-1.5"
          aria-pressed={held.has(labelKey(label))}
          disabled={held.has(labelKey(label))}
          onClick={() => onPress(label)}
        >
          {label}
        </button>
      ))}
    </div>
  );
}
