'use client';

import { useTranslations } from 'next-intl';
import { useId, useMemo, useState } from 'react';
import { blockChanges, type BlockChange } from '../../core/changes/blocks';
import { keptAtFirst, merge, type Kept } from '../../core/changes/merge';
import { documentSchema } from '../../core/document/schema';
import type { DocumentJson } from '../../core/document/openDocument';
import { showBlock } from '../../core/posts/changesShown';
import { BlockLine } from '../revisions/ChangedText';
import type { Writing } from './composeProps';

interface BranchBannerProps {
  readonly mine: Writing;
  readonly theirs: Writing;
  readonly onChoose: (writing: Writing) => void;
}

/**
 * Shown where the same post was changed on another device: every difference with what is kept of it. Nothing goes
 * unless the writer says so.
 */
export function BranchBanner({ mine, theirs, onChoose }: BranchBannerProps) {
  const t = useTranslations('editor.branch');
  const changes = useMemo(
    () => blockChanges(documentSchema.nodeFromJSON(theirs.body), documentSchema.nodeFromJSON(mine.body)),
    [mine.body, theirs.body],
  );
  const [kept, setKept] = useState<ReadonlyMap<number, Kept>>(new Map());
  const [title, setTitle] = useState<'before' | 'after'>('after');
  const keep = (index: number, choice: Kept) => setKept(new Map(kept).set(index, choice));
  const mixed = (): Writing => ({
    title: title === 'after' ? mine.title : theirs.title,
    labels: [...new Set([...mine.labels, ...theirs.labels])],
    beside: mine.beside,
    body: merge(changes, kept).toJSON() as DocumentJson,
  });
  return (
    <section className="mb-5 grid gap-3 border-y-2 border-clay bg-paper p-4 font-ui" aria-label={t('title')}>
      <h2 className="text-[17px] font-bold">{t('title')}</h2>
      <p>{t('nothingLost')}</p>
      <ol className="grid gap-4">
        {mine.title === theirs.title ? null : (
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
          change.kind === 'same' || change.kind === 'moved' ? null : (
            <li key={index} className="changed-text grid gap-2 border-t border-line pt-3">
              <div className="prose">
                <BlockLine block={showBlock(change)} />
              </div>
              <Choice
                value={kept.get(index) ?? keptAtFirst(change)}
                of={choicesOf(change)}
                onChoose={(choice) => keep(index, choice)}
              />
            </li>
          ),
        )}
      </ol>
      <p className="flex flex-wrap gap-3">
        <button type="button" className="btn go" onClick={() => onChoose(mixed())}>
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

function choicesOf(change: BlockChange): readonly Kept[] {
  if (change.kind === 'added') return ['after', 'neither'];
  return change.kind === 'removed' ? ['before', 'neither'] : ['both', 'after', 'before'];
}

interface ChoiceProps {
  readonly value: Kept;
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
