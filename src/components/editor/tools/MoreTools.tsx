'use client';

import { ChevronDown } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { Toolbar } from 'radix-ui';
import { whenPressed } from '../../basics/onDemand';
import type { ToolsProps } from './toolsProps';

/** What is used less often: things to put in, how words look, and, in a table, its rows and columns. */
export const MoreTools = whenPressed<ToolsProps>(
  async () => (await import('./OpenedMoreTools')).OpenedMoreTools,
  Trigger,
);

function Trigger({ onPress }: { readonly onPress?: () => void }) {
  const t = useTranslations('editor.more');
  return (
    <Toolbar.Button aria-haspopup="menu" aria-expanded={false} onClick={onPress}>
      {t('label')} <ChevronDown aria-hidden="true" />
    </Toolbar.Button>
  );
}
