'use client';

import { whenPressed } from '../../basics/onDemand';
import { LinkButton, type LinkPopoverProps } from './LinkButton';

/** Puts a link on the selected words, or on words that are typed here; changes or takes off the one at the cursor. */
export const LinkPopover = whenPressed<LinkPopoverProps>(
  async () => (await import('./OpenedLinkPopover')).OpenedLinkPopover,
  ({ on, onPress }) => <LinkButton on={on} aria-haspopup="dialog" aria-expanded={false} onClick={onPress} />,
);
