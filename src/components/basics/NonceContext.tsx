'use client';

import { setNonce } from 'get-nonce';
import { createContext, useContext, type ReactNode } from 'react';

const NonceContext = createContext('');

/** Hands the page's nonce down to whatever puts styles into it. */
export function NonceProvider({ nonce, children }: { readonly nonce: string; readonly children: ReactNode }) {
  // Radix reads it from here before the first menu opens.
  if (nonce) setNonce(nonce);
  return <NonceContext value={nonce}>{children}</NonceContext>;
}

export function useNonce(): string {
  return useContext(NonceContext);
}
