import type { ComponentType } from 'react';
import type { ForEachKind } from '../../../core/requirements/registry';
import { onDemand } from '../../basics/onDemand';
import type { TrayContentProps } from './trayProps';

const CoverTray = onDemand(async () => (await import('./CoverTray')).CoverTray);
const EntriesTray = onDemand(async () => (await import('./EntriesTray')).EntriesTray);
const JudgedTray = onDemand(async () => (await import('./JudgedTray')).JudgedTray);
const LabelsTray = onDemand(async () => (await import('./LabelsTray')).LabelsTray);
const LinksTray = onDemand(async () => (await import('./LinksTray')).LinksTray);
const PartsTray = onDemand(async () => (await import('./PartsTray')).PartsTray);
const PicturesTray = onDemand(async () => (await import('./PicturesTray')).PicturesTray);
const PlacesTray = onDemand(async () => (await import('./PlacesTray')).PlacesTray);
const QuotationsTray = onDemand(async () => (await import('./QuotationsTray')).QuotationsTray);
const SelfCheckTray = onDemand(async () => (await import('./SelfCheckTray')).SelfCheckTray);
const StartersTray = onDemand(async () => (await import('./StartersTray')).StartersTray);
const TeaserTray = onDemand(async () => (await import('./TeaserTray')).TeaserTray);
const TitleTray = onDemand(async () => (await import('./TitleTray')).TitleTray);
const WordsTray = onDemand(async () => (await import('./WordsTray')).WordsTray);

/** The tray of each kind of requirement. */
export const TRAYS: ForEachKind<ComponentType<TrayContentProps>> = {
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
