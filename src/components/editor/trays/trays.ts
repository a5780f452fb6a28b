import type { ComponentType } from 'react';
import { LabelsTray } from './LabelsTray';
import { LinksTray } from './LinksTray';
import { PicturesTray } from './PicturesTray';
import { TitleTray } from './TitleTray';
import type { TrayContentProps } from './trayProps';
import { WordsTray } from './WordsTray';

/** The tray of each kind of requirement. */
export const TRAYS: Readonly<Record<string, ComponentType<TrayContentProps>>> = {
  words: WordsTray,
  title: TitleTray,
  pictures: PicturesTray,
  links: LinksTray,
  labels: LabelsTray,
};
