import type { ReactNode } from 'react';
import { PlainLintel } from '../desk/PlainLintel';

interface FrameProps {
  /** Where the name of the house leads. */
  readonly home: string;
  readonly children: ReactNode;
}

/** A page outside every class: the lintel with nothing but the name, and one narrow column. */
export function Frame({ home, children }: FrameProps) {
  return (
    <>
      <PlainLintel home={home} />
      <main id="main" className="mx-auto max-w-[460px] px-[18px] py-6">
        {children}
      </main>
    </>
  );
}
