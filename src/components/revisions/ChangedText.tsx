'use client';

import { useTranslations } from 'next-intl';
import { Fragment, useState } from 'react';
import type { BlockShown, ChangesShown } from '../../core/posts/changesShown';
import { Words } from './Words';

/** How many unchanged blocks in a row are folded into one line. */
const FOLDED_FROM = 3;

/** What changed between two versions of a post, read as one text. */
export function ChangedText({ changes }: { readonly changes: ChangesShown }) {
  const t = useTranslations('revisions');
  return (
    <div className="changed-text">
      <h2 className="post-title">
        <Words changes={changes.title} />
      </h2>
      {changes.subtitle.length ? (
        <p className="font-read text-[19px] text-ink-2">
          <Words changes={changes.subtitle} />
        </p>
      ) : null}
      <ul className="my-2 grid gap-1 text-[14.5px] text-ink-2">
        {changes.labels.added.length ? (
          <li>{t('labelsAdded', { labels: changes.labels.added.join(', ') })}</li>
        ) : null}
        {changes.labels.removed.length ? (
          <li>{t('labelsRemoved', { labels: changes.labels.removed.join(', ') })}</li>
        ) : null}
        {changes.cover ? <li>{t('cover')}</li> : null}
        {changes.teaser.some((part) => part.kind !== 'same') ? (
          <li>
            {t('teaser')} <Words changes={changes.teaser} />
          </li>
        ) : null}
      </ul>
      <div className="prose">
        {runs(changes.blocks).map((run, index) =>
          run.folded ? (
            <Folded key={index} blocks={run.blocks} />
          ) : (
            <Blocks key={index} blocks={run.blocks} />
          ),
        )}
      </div>
    </div>
  );
}

function Blocks({ blocks }: { readonly blocks: readonly BlockShown[] }) {
  return (
    <>
      {blocks.map((block, index) => (
        <BlockLine key={index} block={block} />
      ))}
    </>
  );
}

/** A block with what happened to it in words before it; what stayed as it was has none. */
export function BlockLine({ block }: { readonly block: BlockShown }) {
  const t = useTranslations('revisions.blocks');
  const body = (
    <Fragment>
      {block.html === null ? null : <div dangerouslySetInnerHTML={{ __html: block.html }} />}
      {block.words.length ? (
        <p className="whitespace-pre-wrap">
          <Words changes={block.words} />
        </p>
      ) : null}
    </Fragment>
  );
  if (block.kind === 'same') return body;
  return (
    <div className={`became ${block.kind}`}>
      <span className="how">{t(block.onlyForm ? 'form' : block.kind)}</span>
      {body}
    </div>
  );
}

function Folded({ blocks }: { readonly blocks: readonly BlockShown[] }) {
  const t = useTranslations('revisions');
  const [open, setOpen] = useState(false);
  if (open) return <Blocks blocks={blocks} />;
  return (
    <p className="!my-4 font-ui text-[14px]">
      <button type="button" className="act" onClick={() => setOpen(true)}>
        {t('unchanged', { count: blocks.length })}
      </button>
    </p>
  );
}

interface Run {
  readonly folded: boolean;
  readonly blocks: readonly BlockShown[];
}

function runs(blocks: readonly BlockShown[]): readonly Run[] {
  const found: { same: boolean; blocks: BlockShown[] }[] = [];
  for (const block of blocks) {
    const same = block.kind === 'same';
    const last = found.at(-1);
    if (last?.same === same) last.blocks.push(block);
    else found.push({ same, blocks: [block] });
  }
  return found.map((run) => ({ folded: run.same && run.blocks.length >= FOLDED_FROM, blocks: run.blocks }));
}
