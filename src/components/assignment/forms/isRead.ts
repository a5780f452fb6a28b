'use client';

import { createContext, useContext } from 'react';

/** Whether a requirement's sentence is only read, as those read it who write the post. */
export const IsRead = createContext(false);

export function useIsRead(): boolean {
  return useContext(IsRead);
}
