'use client';

import { X } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import type { LabelInSet } from '../../../core/labels/labelSet';
import { labelsSaid } from '../../../core/labels/labelsSaid';
import { labelKey } from '../../../core/labels/labelKey';
import { LabelDrawing } from '../../labels/LabelDrawing';
import type { TrayContentProps } from './trayProps';

/** Labels to press: those that the assignment needs first, then the rest of the class's set. */
export function LabelsTray({ requirement, assignment, editor, labels, setLabels }: TrayContentProps) {
  const t = useTranslations('requirements.labels.tray');
  const [typed, setTyped] = useState('');
  const held = new Set(labels.map(labelKey));
  const allOf = (requirement['allOf'] as readonly string[] | undefined) ?? [];
  const groups = (requirement['oneOf'] as readonly (readonly string[])[] | undefined) ?? [];
  const isHeld = (label: string) => held.has(labelKey(label));
  const missing = allOf.filter((label) => !isHeld(label));
  const open = groups.filter((group) => !group.some(isHeld));
  const wanted = [...missing, ...open.flat()];
  // What would fit the assignment as well stands before the rest of the class's set; each label once.
  const others = new Map(
    [...groups.flat(), ...assignment.classLabels].map((label) => [labelKey(label), label] as const),
  );
  for (const label of [...wanted, ...labels]) others.delete(labelKey(label));
  const add = (label: string) => {
    if (label.trim() && !isHeld(label)) setLabels([...labels, label.trim()]);
  };
  const [said] = labelsSaid(editor.state.doc, wanted);
  const notes = new Map(assignment.labelSet.map((one) => [labelKey(one.label), one]));
  const row = { notes, onPress: add };
  return (
    <div className="mt-3 grid gap-3">
      {missing.length ? <Row {...row} title={t('allOf')} labels={missing} /> : null}
      {open.map((group) => (
        <Row key={group.join()} {...row} title={t('oneOf')} labels={group} />
      ))}
      {said ? (
        <p className="text-[14px] text-ink-2">
          {t('said', {
            label: said.label,
            where: said.heading === null ? 'none' : 'under',
            heading: said.heading ?? '',
          })}
        </p>
      ) : null}
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
      {others.size ? <Row {...row} plain title={t('add')} labels={[...others.values()]} /> : null}
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
  /** What stands beside labels of the class, by their keys. */
  readonly notes: ReadonlyMap<string, LabelInSet>;
  /** Whether the labels stand without what they are given to. */
  readonly plain?: boolean;
  readonly onPress: (label: string) => void;
}

function Row({ title, labels, notes, plain = false, onPress }: RowProps) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="text-ink-2">{title}</span>
      {labels.map((label) => {
        const { meaning = '', drawing = null } = notes.get(labelKey(label)) ?? {};
        return (
          <button key={label} type="button" className="btn !gap-3 !py-1.5" onClick={() => onPress(label)}>
            <LabelDrawing drawing={drawing} />
            <span className="grid justify-items-start gap-0.5">
              {label}
              {meaning && !plain ? <span className="text-[13.5px] font-normal">{meaning}</span> : null}
            </span>
          </button>
        );
      })}
    </div>
  );
}
