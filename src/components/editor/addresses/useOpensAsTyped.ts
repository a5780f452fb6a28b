'use client';

import { useEffect } from 'react';
import { maybeTypedAddress, maybeWebAddress } from '../../../core/document/links';
import type { OpenResult } from '../../../core/requirements/post';
import { useLooking } from './LookingContext';

const PAUSE = 700;

/** Has an address looked at while it is typed, after a pause; nothing is shown while it is none yet. */
export function useOpensAsTyped(typed: string): {
  readonly shown: boolean;
  readonly result: OpenResult | undefined;
} {
  const { results, look } = useLooking();
  const address = maybeWebAddress(maybeTypedAddress(typed) ?? '');
  useEffect(() => {
    if (!address) return undefined;
    const timer = setTimeout(() => void look([address]), PAUSE);
    return () => clearTimeout(timer);
  }, [address, look]);
  return { shown: address !== null, result: address ? results[address] : undefined };
}
