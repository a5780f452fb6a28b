import type { ReactNode } from 'react';

/** What can be changed in a sentence, drawn as something to press; for the catalogue's rich texts. */
export const changeable = { b: (chunks: ReactNode) => <b>{chunks}</b> };
