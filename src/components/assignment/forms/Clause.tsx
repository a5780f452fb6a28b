import type { ReactNode } from 'react';
import { useIsRead } from './isRead';

interface ClauseProps {
  /** Whether the requirement asks for it; what is not asked for is told only while the sentence is worked on. */
  readonly asked: boolean;
  /** Whether a comma sets it off from what is told before it. */
  readonly aside?: boolean;
  readonly children: ReactNode;
}

/** A part of a requirement's sentence that can be left out. */
export function Clause({ asked, aside = false, children }: ClauseProps) {
  if (useIsRead() && !asked) return null;
  return <span className={`clause ${asked ? '' : 'unasked'} ${aside ? 'aside' : ''}`}> {children}</span>;
}
