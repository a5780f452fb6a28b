'use client';

import { createContext, useContext } from 'react';

/** By what name the writer may stand beside a picture, wherever the post goes. */
export const WriterNameContext = createContext('');

export function useWriterName(): string {
  return useContext(WriterNameContext);
}
