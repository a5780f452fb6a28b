'use client';

import { useTranslations } from 'next-intl';
import { useEffect, useId, useMemo, useRef, useState } from 'react';
import { blockChanges, type BlockChange } from '../../core/changes/blocks';
import { merge, settle, type Kept } from '../../core/changes/merge';
import { documentSchema } from '../../core/document/schema';
import type { DocumentJson } from '../../core/document/openDocument';
import { showBlock } from '../../core/posts/changesShown';
import { BlockLine } from '../revisions/ChangedText';
import type { Writing } from './composeProps';

interface BranchBannerProps {
  readonly mine: Writing;
  readonly theirs: Writing;
  /** What both were written on; null where that is not known. */
  readonly base: Writing | null;
  readonly onChoose: (writing: Writing) => void;
}

/**
 * Shown where the same post was changed on another device: what changed on one side only is taken from there by itself; what both changed
 * is asked, and nothing goes on before it is said.
 */
export function BranchBanner({ mine, theirs, base, onChoose }: BranchBannerProps) {
  const t = useTranslations('editor.branch');
  const changes = useMemo(
    () => blockChanges(documentSchema.nodeFromJSON(theirs.body), documentSchema.nodeFromJSON(mine.body)),
    [mine.body, theirs.body],
  );
  const settled = useMemo(
    () => settle(changes, base && documentSchema.nodeFromJSON(base.body)),
    [changes, base],
  );
  const [said, setSaid] = useState<ReadonlyMap<number, Kept>>(new Map());
  const ofTitle = sideOf(mine.title, theirs.title, base?.title);
  const [title, setTitle] = useState<'before' | 'after' | null>(null);
  const keep = (index: number, choice: Kept) => setSaid(new Map(said).set(index, choice));
  const open = [...settled.conflicts].filter((index) => !said.has(index)).length + Number(!ofTitle && !title);
  const mixed = (): Writing => ({
    title: (ofTitle ?? title) === 'before' ? theirs.title : mine.title,
    labels: labelsOf(mine, theirs, base),
    beside: besideOf(mine, theirs, base),
    body: merge(changes, new Map([...settled.kept, ...said])).toJSON() as DocumentJson,
  });
  const nothingToAsk = settled.conflicts.size === 0 && ofTitle !== null;
  const merged = useRef(false);
  useEffect(() => {
    if (!nothingToAsk || merged.current) return;
    merged.current = true;
    onChoose(mixed());
  });
  if (nothingToAsk) return null;
  return (
    <section
      id="two-versions"
      tabIndex={-1}
      className="mb-5 grid gap-3 border-y-2 border-clay bg-paper p-4 font-ui"
      aria-label={t('title')}
    >
      <h2 className="text-[17px] font-bold">{t('title')}</h2>
      <p>{t('nothingLost')}</p>
      <ol className="grid gap-4">
        {ofTitle ? null : (
          <li className="grid gap-2 border-t border-line pt-3">
            <p className="font-read text-[19px]">
              <del>{theirs.title}</del> <ins>{mine.title}</ins>
            </p>
            <Choice
              value={title}
              of={['after', 'before']}
              onChoose={(choice) => setTitle(choice as 'after')}
            />
          </li>
        )}
        {changes.map((change, index) =>
          change.kind === 'same' || change.kind === 'moved' || !settled.conflicts.has(index) ? null : (
            <li key={index} className="changed-text grid gap-2 border-t border-line pt-3">
              <div className="prose">
                <BlockLine block={showBlock(change)} />
              </div>
              <Choice
                value={said.get(index) ?? null}
                of={choicesOf(change)}
                onChoose={(choice) => keep(index, choice)}
              />
            </li>
          ),
        )}
      </ol>
      <p className="flex flex-wrap gap-3">
        <button type="button" className="btn go" disabled={open > 0} onClick={() => onChoose(mixed())}>
          {t('useMixed')}
        </button>
        <button type="button" className="btn" onClick={() => onChoose(mine)}>
          {t('useHere')}
        </button>
        <button type="button" className="btn" onClick={() => onChoose(theirs)}>
          {t('useElsewhere')}
        </button>
      </p>
    </section>
  );
}

/** Which side of a value was changed: this one (`after`), the other, or null where both were. */
function sideOf(mine: unknown, theirs: unknown, base: unknown): 'before' | 'after' | null {
  const [here, there, was] = [mine, theirs, base].map((value) => JSON.stringify(value));
  if (here === there || there === was) return 'after';
  return here === was ? 'before' : null;
}

/** The labels of both, but those that one side took off. */
function labelsOf(mine: Writing, theirs: Writing, base: Writing | null): readonly string[] {
  const both = [...new Set([...theirs.labels, ...mine.labels])];
  const was = new Set(base?.labels);
  return both.filter((one) => !was.has(one) || (mine.labels.includes(one) && theirs.labels.includes(one)));
}

/** What stands beside the text, part by part from the side that changed it, from here where both did. */
function besideOf(mine: Writing, theirs: Writing, base: Writing | null): Writing['beside'] {
  const keys = Object.keys(mine.beside) as (keyof Writing['beside'])[];
  const other = keys.filter(
    (key) => sideOf(mine.beside[key], theirs.beside[key], base?.beside[key]) === 'before',
  );
  return { ...mine.beside, ...Object.fromEntries(other.map((key) => [key, theirs.beside[key]])) };
}

function choicesOf(change: BlockChange): readonly Kept[] {
  if (change.kind === 'added') return ['after', 'neither'];
  return change.kind === 'removed' ? ['before', 'neither'] : ['both', 'after', 'before'];
}

interface ChoiceProps {
  /** Null until something was chosen. */
  readonly value: Kept | null;
  readonly of: readonly Kept[];
  readonly onChoose: (choice: Kept) => void;
}

function Choice({ value, of, onChoose }: ChoiceProps) {
  const t = useTranslations('editor.branch');
  const name = useId();
  return (
    <fieldset className="flex flex-wrap gap-x-5 gap-y-1 text-[14.5px]">
      <legend className="sr-only">{t('keep')}</legend>
      {of.map((choice) => (
        <label key={choice} className="flex items-center gap-1.5">
          <input type="radio" name={name} checked={value === choice} onChange={() => onChoose(choice)} />
          {t(`kept.${choice}`)}
        </label>
      ))}
    </fieldset>
  );
}
