'use client';

import { useState } from 'react';
import { addHandout } from '../../contract/fileDoors/addHandout';
import type { Outcome } from '../basics/call';
import { sendFile } from '../basics/sendFile';

type HandoutState =
  | { readonly kind: 'nothing' }
  /** How much has gone, from 0 to 1. */
  | { readonly kind: 'running'; readonly name: string; readonly share: number; readonly stop: () => void }
  | {
      readonly kind: 'refused';
      readonly name: string;
      readonly refusal: Outcome<never> & { readonly ok: false };
    };

interface Handouts {
  readonly state: HandoutState;
  readonly bring: (file: File) => void;
  readonly dismiss: () => void;
}

/** Brings files that are given out, one at a time, with progress and a way to break off. */
export function useHandouts(
  classId: string,
  onBrought: (handout: { readonly file: string; readonly title: string }) => void,
): Handouts {
  const [state, setState] = useState<HandoutState>({ kind: 'nothing' });
  const bring = (file: File) => {
    const { name } = file;
    const stopper = new AbortController();
    const running = (share: number) =>
      setState({ kind: 'running', name, share, stop: () => stopper.abort() });
    running(0);
    void sendFile(addHandout, { classId, name }, file, {
      onProgress: running,
      signal: stopper.signal,
    }).then((outcome) => {
      if (outcome.ok) onBrought({ file: outcome.value.handoutId, title: outcome.value.name });
      setState(
        outcome.ok || outcome.code === 'cancelled'
          ? { kind: 'nothing' }
          : { kind: 'refused', name, refusal: outcome },
      );
    });
  };
  return { state, bring, dismiss: () => setState({ kind: 'nothing' }) };
}
