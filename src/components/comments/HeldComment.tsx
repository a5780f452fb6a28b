'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { decideComment } from '../../contract/comments/decideComment';
import type { HeldCommentShown } from '../../contract/comments/heldComments';
import { KEPT_BACK_FOR, type KeptBackFor } from '../../core/comments/rules';
import { Mark } from '../basics/Mark';
import { useDeed } from '../basics/useDeed';

/** A comment that is not shown: where it stands, what it says with the reason marked, and what becomes of it. */
export function HeldComment(one: HeldCommentShown) {
  const t = useTranslations('heldComments');
  const { act, busy, problem } = useDeed();
  const [choosing, setChoosing] = useState(false);
  const { id: commentId, version, by } = one;
  const decide = (state: 'shown' | 'keptBack', keptFor: KeptBackFor | null = null) =>
    void act(decideComment, { commentId, version, state, keptFor });
  return (
    <li>
      <div className="held-where" dir="auto">
        <small>{t('onPostOf', { writer: one.writer })}</small>
        {one.address === null ? <i>{one.title}</i> : <a href={one.address}>{one.title}</a>}
      </div>
      <div className="min-w-0">
        <p className="flex flex-wrap items-baseline gap-x-2 text-ink-2">
          <span className="mono" aria-hidden="true">
            {one.monogram}
          </span>
          <b className="text-ink" dir="auto">
            {one.author}
          </b>
          {one.when}
        </p>
        <p className="held-said either-way" dir="auto">
          {one.pieces.map(({ text, marked }, at) => (marked ? <mark key={at}>{text}</mark> : text))}
        </p>
      </div>
      <div className="held-why">
        <p className="flex items-start gap-2 font-semibold">
          <Mark id="s-w" className="s" />
          {one.reasons.map((reason) => t(`reasons.${reason}`)).join(' · ') || t('reasons.none')}
        </p>
        {by === null ? null : (
          <p className="text-[14px] text-ink-2" dir="auto">
            {t('keptBackBy', { by, why: one.keptFor ?? 'none' })}
          </p>
        )}
        <p className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
          <button type="button" className="btn" disabled={busy} onClick={() => decide('shown')}>
            {t('letThrough')}
          </button>
          {by === null ? (
            <button
              type="button"
              className="act"
              aria-expanded={choosing}
              disabled={busy}
              onClick={() => setChoosing(!choosing)}
            >
              {t('keepBack')}
            </button>
          ) : null}
        </p>
        {choosing ? (
          <div className="mt-2" role="group" aria-label={t('because', { name: one.author })}>
            <p className="text-[14px] text-ink-2">{t('becauseHelp')}</p>
            <p className="flex flex-wrap gap-x-4 gap-y-1">
              {KEPT_BACK_FOR.map((why) => (
                <button
                  key={why}
                  type="button"
                  className="act"
                  disabled={busy}
                  onClick={() => decide('keptBack', why)}
                >
                  {t(`keptFor.${why}`)}
                </button>
              ))}
            </p>
          </div>
        ) : null}
        <p className="problem" role="alert">
          {problem}
        </p>
      </div>
    </li>
  );
}
