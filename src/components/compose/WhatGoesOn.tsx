'use client';

import { useFormatter, useTranslations } from 'next-intl';
import { BroughtInLine } from '../editor/bringIn/BroughtInLine';
import { swapPicture } from '../editor/picture/putPicture';
import { UploadLine } from '../editor/UploadLine';
import type { ComposeProps } from './composeProps';
import { SaveLine } from './SaveLine';
import type { LatePress } from './useLatePress';
import type { WritingDesk } from './useWritingDesk';
import { onDemand } from '../basics/onDemand';

const BranchBanner = onDemand(async () => (await import('./BranchBanner')).BranchBanner);

/** All that the writer is told above the text: that it is safe and who can read it, first of all, and always in sight. */
export function WhatGoesOn({
  desk,
  latePress,
  others,
  ...props
}: ComposeProps & {
  readonly desk: WritingDesk;
  readonly latePress: LatePress;
  /** On how many other pages the post is open. */
  readonly others: number;
}) {
  const { post } = props;
  const { saving, writing } = desk;
  const t = useTranslations('editor');
  const isNews =
    !['saved', 'saving'].includes(saving.state.kind) ||
    latePress.at !== null ||
    latePress.wroteOn ||
    desk.bringIn.state.kind !== 'nothing' ||
    desk.pictures.uploads.length > 0;
  return (
    <>
      <div className={`goes-on ${isNews ? 'news' : ''}`}>
        <SaveLine
          state={saving.state}
          stage={post.stage}
          readers={props.readers}
          typing={props.typing}
          postId={post.id}
          classCode={props.classCode}
          onSignedIn={() => void saving.flush()}
        />
        <HandInWaits {...latePress} />
        {others > 0 ? (
          <p className="mb-3 border-l-4 border-amber pl-3 no-print" role="status">
            {t('otherPages', { count: others })}
          </p>
        ) : null}
        <BroughtInLine bringIn={desk.bringIn} doc={desk.editor?.state.doc ?? null} />
        <UploadLine
          pictures={desk.pictures}
          onSwap={(from, to) => {
            if (desk.editor) swapPicture(desk.editor, from, to);
          }}
        />
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
          base={saving.state.base}
          onChoose={(chosen) => {
            if (saving.state.kind !== 'branched') return;
            desk.replaceBy(chosen);
            saving.settle(saving.state.version, saving.state.theirs);
            saving.change(chosen);
          }}
        />
      ) : null}
    </>
  );
}

/** The press was made by the clock that its writer sees. */
const DEVICE_ZONE = Intl.DateTimeFormat().resolvedOptions().timeZone;

/** That a press waits for the line, and since when; or that it was given up. */
function HandInWaits({ at, wroteOn, giveUp }: LatePress) {
  const t = useTranslations('editor.saving');
  const format = useFormatter();
  if (at === null)
    return wroteOn ? (
      <p className="mb-3 border-l-4 border-amber pl-3 no-print" role="status">
        {t('wroteOn')}
      </p>
    ) : null;
  return (
    <p className="mb-3 border-l-4 border-plum pl-3 no-print" role="status">
      <b>
        {t('handInWaits', {
          at: format.dateTime(new Date(at), { timeStyle: 'short', timeZone: DEVICE_ZONE }),
        })}
      </b>{' '}
      <button type="button" className="act" onClick={giveUp}>
        {t('pressedBack')}
      </button>
    </p>
  );
}
