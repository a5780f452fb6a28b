'use client';

import type { Editor } from '@tiptap/react';
import { Link as LinkIcon } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { Toolbar } from 'radix-ui';
import type { ComponentProps } from 'react';

export interface LinkPopoverProps {
  readonly editor: Editor;
  /** Whether there is a link at the cursor. */
  readonly on: boolean;
}

type LinkButtonProps = Pick<LinkPopoverProps, 'on'> & Omit<ComponentProps<typeof Toolbar.Button>, 'children'>;

/** The tool for links, in the toolbar. */
export function LinkButton({ on, ...button }: LinkButtonProps) {
  const t = useTranslations('editor.tools');
  return (
    <Toolbar.Button {...button} data-tool="link" data-state={on ? 'on' : 'off'} aria-pressed={on}>
      <LinkIcon aria-hidden="true" /> {t('link')}
    </Toolbar.Button>
  );
}
