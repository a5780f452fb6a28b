'use client';

import { useTranslations } from 'next-intl';
import { BroughtInLine } from '../editor/bringIn/BroughtInLine';
import { UploadLine } from '../editor/UploadLine';
import type { ComposeProps } from './composeProps';
import { SaveLine } from './SaveLine';
import { useOtherPages } from './useOtherPages';
import type { WritingDesk } from './useWritingDesk';
import { onDemand } from '../basics/onDemand';

const BranchBanner = onDemand(async () => (await import('./BranchBanner')).BranchBanner);

/** All that the writer is told above the text: that it is safe and who can read it, first of all, and always in sight. */
export function WhatGoesOn({ desk, ...props }: ComposeProps & { readonly desk: WritingDesk }) {
  const { post } = props;
  const { saving, writing } = desk;
  const t = useTranslations('editor');
  const others = useOtherPages(post.id);
  const isNews =
    !['saved', 'saving'].includes(saving.state.kind) ||
    desk.bringIn.state.kind !== 'nothing' ||
    desk.pictures.uploads.length > 0;
  return (
    <>
      <div className={`goes-on ${isNews ? 'news' : ''}`}>
        <SaveLine
          state={saving.state}
          stage={post.stage}
          readers={props.readers}
          postId={post.id}
          classCode={props.classCode}
          onSignedIn={() => void saving.flush()}
        />
        {others > 0 ? (
          <p className="mb-3 border-l-4 border-amber pl-3 no-print" role="status">
            {t('otherPages', { count: others })}
          </p>
        ) : null}
        <BroughtInLine bringIn={desk.bringIn} doc={desk.editor?.state.doc ?? null} />
        <UploadLine pictures={desk.pictures} />
      </div>
      {props.opened.map((one) => (
        <p key={one.when + one.teacher} className="mb-3 border-l-4 border-plum pl-3">
          {t('openedForSafety', one)}
        </p>
      ))}
      {props.draftReaders.map((one) => (
        <p key={`draft ${one.teacher}`} className="mb-3 border-l-4 border-line pl-3 text-ink-2 no-print">
          {t('draftReadBy', one)}
        </p>
      ))}
      {desk.unfitting ? (
        <p className="problem mb-4" role="alert">
          {t('unfitting')}
        </p>
      ) : null}
      {saving.state.kind === 'branched' ? (
        <BranchBanner
          mine={writing}
          theirs={saving.state.theirs}
          onChoose={(chosen) => {
            if (saving.state.kind !== 'branched') return;
            desk.replaceBy(chosen);
            saving.settle(saving.state.version);
            saving.change(chosen);
          }}
        />
      ) : null}
    </>
  );
}
