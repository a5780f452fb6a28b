'use client';

import { useTranslations } from 'next-intl';
import type { KeyboardEvent, PointerEvent } from 'react';

interface WidthHandleProps {
  /** In per cent of the text's width. */
  readonly width: number;
  /** Whether the edge to be taken is the one where lines begin. */
  readonly atStart: boolean;
  readonly onWidth: (width: number) => void;
}

const LEAST = 15;
const STEP = 5;

/** The edge of a picture, to be dragged or moved with the arrow keys. */
export function WidthHandle({ width, atStart, onWidth }: WidthHandleProps) {
  const t = useTranslations('editor.picture');
  const set = (wanted: number) => onWidth(Math.round(Math.min(100, Math.max(LEAST, wanted))));
  const byKey = (event: KeyboardEvent) => {
    const outward = atStart ? 'ArrowLeft' : 'ArrowRight';
    const steps: Readonly<Record<string, number>> = {
      [outward]: width + STEP,
      [atStart ? 'ArrowRight' : 'ArrowLeft']: width - STEP,
      Home: LEAST,
      End: 100,
    };
    const next = steps[event.key];
    if (next === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    set(next);
  };
  const drag = (event: PointerEvent<HTMLSpanElement>) => {
    event.preventDefault();
    const handle = event.currentTarget;
    const text = handle.closest('.prose')?.getBoundingClientRect().width ?? 0;
    const from = event.clientX;
    handle.setPointerCapture(event.pointerId);
    handle.onpointermove = (move) =>
      text > 0 && set(width + ((move.clientX - from) * (atStart ? -100 : 100)) / text);
    handle.onpointerup = () => {
      handle.onpointermove = null;
    };
  };
  return (
    <span
      role="slider"
      tabIndex={0}
      contentEditable={false}
      className={`width-handle ${atStart ? 'at-start' : ''}`}
      aria-label={t('width')}
      aria-valuemin={LEAST}
      aria-valuemax={100}
      aria-valuenow={width}
      aria-valuetext={t('widthNow', { width })}
      onKeyDown={byKey}
      onPointerDown={drag}
    />
  );
}
