'use client';

import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

interface PanelProps {
  readonly title: string;
  /** Whether the title is for those alone who cannot see the panel. */
  readonly titleUnseen?: boolean;
  /** Whether it has the measure of a text, not of a form. */
  readonly wide?: boolean;
  readonly children: ReactNode;
}

/** What is raised over the page until it is put away; stands within a `Dialog.Root`. */
export function Panel({ title, titleUnseen = false, wide = false, children }: PanelProps) {
  return (
    <Dialog.Portal>
      <Dialog.Overlay className="scrim !z-40" />
      <Dialog.Content
        className={`menu fixed top-16 left-1/2 z-50 max-h-[85vh] -translate-x-1/2 overflow-auto !p-5 ${wide ? 'w-[min(760px,94vw)]' : 'w-[min(520px,94vw)]'}`}
        aria-describedby={undefined}
      >
        <Dialog.Title className={titleUnseen ? 'sr-only' : 'font-read text-[20px] font-semibold'}>
          {title}
        </Dialog.Title>
        {children}
      </Dialog.Content>
    </Dialog.Portal>
  );
}
