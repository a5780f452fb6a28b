'use client';

import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { useState, useSyncExternalStore } from 'react';
import { useAddresses } from '../desk/useAddresses';
import { Mark } from '../basics/Mark';
import { useRefusal } from '../basics/useRefusal';
import type { ComposeProps } from './composeProps';
import type { SaveState } from './useSaving';
import { onDemand } from '../basics/onDemand';

const SignInAgain = onDemand(async () => (await import('./SignInAgain')).SignInAgain);

interface SaveLineProps {
  readonly state: SaveState;
  readonly stage: ComposeProps['post']['stage'];
  readonly readers: ComposeProps['readers'];
  readonly typing: ComposeProps['typing'];
  readonly postId: string;
  /** The code of the class, for signing in again in place. */
  readonly classCode: string;
  /** Saves once somebody has signed in again. */
  readonly onSignedIn: () => void;
}

/** The save state says both things: that the words are safe, and who can read them. */
export function SaveLine({ state, stage, readers, typing, postId, classCode, onSignedIn }: SaveLineProps) {
  const t = useTranslations('editor.saving');
  const addresses = useAddresses();
  const refusal = useRefusal();
  const [signingIn, setSigningIn] = useState(false);
  const lit = state.kind === 'saved' || state.kind === 'saving';
  return (
    <p className="safe no-print">
      <Mark id={lit ? 'porch-light' : 'porch-dark'} />
      <span>
        {/* That all is well is shown, and not read out again and again; only trouble is. */}
        <b>
          {state.kind === 'saved' ? <SavedAgo at={state.at} /> : null}
          {state.kind === 'saving' ? t(state.kept ? 'saving' : 'savingFromPage') : null}
          <span role="status">
            {state.kind === 'offline' ? t(state.kept ? 'offlineKept' : 'offlineInPage') : null}
            {state.kind === 'signedOut' ? t('signedOut') : null}
            {state.kind === 'branched' ? t('branched') : null}
            {state.kind === 'refused' ? refusal(state) : null}
          </span>
        </b>{' '}
        <WhoCanRead stage={stage} readers={readers} typing={typing} />{' '}
        {/* What is open stays until it is done, whatever is tried meanwhile. */}
        {state.kind === 'signedOut' || signingIn ? (
          <SignInAgain classCode={classCode} open={signingIn} onOpen={setSigningIn} onSignedIn={onSignedIn} />
        ) : (
          <>
            {state.kind === 'branched' ? (
              <a className="act" href="#two-versions">
                {t('lookAtBoth')}
              </a>
            ) : null}{' '}
            <Link href={addresses.revisions(postId)}>{t('earlier')}</Link>
            {typing?.mine ? null : (
              <>
                {' · '}
                <Link href={addresses.origin(postId)}>{t('origin')}</Link>
              </>
            )}
          </>
        )}
      </span>
    </p>
  );
}

/** So often the time that has gone by is said anew, in milliseconds. */
const TURN = 10_000;
const nowInTurns = () => Math.floor(Date.now() / TURN) * TURN;

function inTurns(changed: () => void): () => void {
  const turns = setInterval(changed, TURN);
  return () => clearInterval(turns);
}

function SavedAgo({ at }: { readonly at: string }) {
  const t = useTranslations('editor.saving');
  const format = useFormatter();
  // How long ago is known by the device alone: the page was made elsewhere, some moments before.
  const now = useSyncExternalStore(inTurns, nowInTurns, () => null);
  if (now === null) return t('savedOnce');
  const moment = new Date(at);
  // A clock that runs behind the server's would speak of the future.
  const ago = now - moment.getTime() < TURN ? t('justNow') : format.relativeTime(moment, now);
  return <span aria-live="off">{t('saved', { ago })}</span>;
}

function WhoCanRead({ stage, readers, typing }: Pick<SaveLineProps, 'stage' | 'readers' | 'typing'>) {
  const t = useTranslations('editor.saving.readers');
  if (readers.draftsOpen) return t('draftsOpen');
  if (readers.readBy) return t('readBy', { teacher: readers.readBy.teacher, when: readers.readBy.when });
  if (stage === 'handedIn') return t('handedIn');
  return t(typing?.mine ? 'writerToo' : 'onlyYou');
}
