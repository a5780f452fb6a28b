import type { ComponentType } from 'react';
import { CoverTray } from './CoverTray';
import { EntriesTray } from './EntriesTray';
import { JudgedTray } from './JudgedTray';
import { LabelsTray } from './LabelsTray';
import { LinksTray } from './LinksTray';
import { PartsTray } from './PartsTray';
import { PicturesTray } from './PicturesTray';
import { PlacesTray } from './PlacesTray';
import { QuotationsTray } from './QuotationsTray';
import { SelfCheckTray } from './SelfCheckTray';
import { StartersTray } from './StartersTray';
import { TeaserTray } from './TeaserTray';
import { TitleTray } from './TitleTray';
import type { TrayContentProps } from './trayProps';
import { WordsTray } from './WordsTray';

/** The tray of each kind of requirement. */
export const TRAYS: Readonly<Record<string, ComponentType<TrayContentProps>>> = {
  words: WordsTray,
  paragraphs: PlacesTray,
  title: TitleTray,
  parts: PartsTray,
  starters: StartersTray,
  pictures: PicturesTray,
  cover: CoverTray,
  video: PlacesTray,
  links: LinksTray,
  document: PlacesTray,
  quotations: QuotationsTray,
  table: PlacesTray,
  entries: EntriesTray,
  labels: LabelsTray,
  teaser: TeaserTray,
  spelling: PlacesTray,
  readingLevel: PlacesTray,
  ownWords: PlacesTray,
  comments: PlacesTray,
  judged: JudgedTray,
  selfCheck: SelfCheckTray,
};
