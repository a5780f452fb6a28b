import {
  AlignLeft,
  BookOpen,
  Eye,
  FileText,
  Fingerprint,
  Hand,
  Heading,
  Image,
  LayoutList,
  Link,
  ListTree,
  MessageSquare,
  PanelTop,
  Quote,
  SpellCheck,
  Sprout,
  Table,
  Tag,
  TextInitial,
  TextQuote,
  Video,
  type LucideIcon,
} from 'lucide-react';
import type { ComponentType } from 'react';
import type { Requirement } from '../../../core/requirements/requirement';
import type { RequirementFormProps } from './formProps';
import { LabelsForm } from './LabelsForm';
import { PartsForm } from './PartsForm';
import { sentenceForm } from './SentenceForm';
import { TextForm } from './TextForm';
import { TitleForm } from './TitleForm';
import { WordsForm } from './WordsForm';
import type { ForEachKind } from '../../../core/requirements/registry';

/** The groups in which kinds are offered, in their order. */
export const GROUPS = ['text', 'pictures', 'sources', 'language', 'others'] as const;

interface KindForm {
  readonly group: (typeof GROUPS)[number];
  readonly Form: ComponentType<RequirementFormProps>;
  readonly Icon: LucideIcon;
  /** The settings that a new requirement of the kind begins with. */
  readonly fresh: Omit<Requirement, 'id' | 'kind' | 'weight'>;
}

const words = (key: string) => ({ words: key });
const limit = (setting: string, label: string, says: string) => ({ limit: setting, label, says });
const aside = (...part: Parameters<typeof limit>) => ({ ...limit(...part), aside: true });
const LEAST = limit('min', 'min', 'atLeast');
const MOST = limit('max', 'max', 'atMost');

/** The form part, the icon and the proposal of each kind of requirement. */
export const FORMS: ForEachKind<KindForm> = {
  words: {
    group: 'text',
    Form: WordsForm,
    Icon: TextInitial,
    fresh: { min: 150, max: 300, tolerance: 5, points: 2, partial: true },
  },
  paragraphs: {
    group: 'text',
    Form: sentenceForm([LEAST, MOST, aside('maxWordsEach', 'eachLabel', 'each')]),
    Icon: AlignLeft,
    fresh: { min: 3, points: 1, partial: true },
  },
  title: { group: 'text', Form: TitleForm, Icon: Heading, fresh: { startsWith: '{number} ·', points: 1 } },
  parts: {
    group: 'text',
    Form: PartsForm,
    Icon: ListTree,
    fresh: { headings: [], inOrder: true, points: 2, partial: true },
  },
  starters: {
    group: 'text',
    Form: sentenceForm([limit('min', 'min', 'atLeast'), { asked: ['noneUnfinished'] }]),
    Icon: Sprout,
    fresh: { min: 1, noneUnfinished: true, points: 1 },
  },
  entries: {
    group: 'text',
    Form: sentenceForm([
      LEAST,
      MOST,
      aside('minWords', 'wordsLabel', 'words'),
      { asked: ['title', 'picture', 'sequential'] },
    ]),
    Icon: LayoutList,
    fresh: { min: 5, sequential: true, points: 3, partial: true },
  },
  labels: { group: 'text', Form: LabelsForm, Icon: Tag, fresh: { points: 1 } },
  teaser: {
    group: 'text',
    Form: sentenceForm([
      limit('minCharacters', 'min', 'atLeast'),
      limit('maxCharacters', 'max', 'atMost'),
      words('characters'),
    ]),
    Icon: PanelTop,
    fresh: { minCharacters: 40, maxCharacters: 160, points: 1 },
  },
  pictures: {
    group: 'pictures',
    Form: sentenceForm([LEAST, MOST, { asked: ['credit', 'description', 'licence', 'distinct', 'every'] }]),
    Icon: Image,
    fresh: { min: 1, credit: true, description: true, every: true, points: 2, partial: true },
  },
  cover: {
    group: 'pictures',
    Form: sentenceForm([words('needed'), { asked: ['description', 'distinct'] }]),
    Icon: BookOpen,
    fresh: { description: true, points: 1 },
  },
  video: {
    group: 'pictures',
    Form: sentenceForm([LEAST, MOST, aside('introductionWords', 'introductionLabel', 'introduced')]),
    Icon: Video,
    fresh: { min: 1, introductionWords: 20, points: 1 },
  },
  table: {
    group: 'pictures',
    Form: sentenceForm([LEAST, aside('minRows', 'rowsLabel', 'rows')]),
    Icon: Table,
    fresh: { min: 1, minRows: 3, points: 1 },
  },
  links: {
    group: 'sources',
    Form: sentenceForm([
      LEAST,
      limit('differentSites', 'sitesLabel', 'sites'),
      { asked: ['opens', 'descriptiveText', 'every'] },
    ]),
    Icon: Link,
    fresh: { min: 1, descriptiveText: true, every: true, points: 1 },
  },
  quotations: {
    group: 'sources',
    Form: sentenceForm([LEAST, { asked: ['source'] }]),
    Icon: Quote,
    fresh: { min: 1, source: true, points: 1 },
  },
  document: {
    group: 'sources',
    Form: sentenceForm([LEAST, { asked: ['opens'] }]),
    Icon: FileText,
    fresh: { min: 1, opens: true, points: 1 },
  },
  ownWords: {
    group: 'sources',
    Form: sentenceForm([limit('maxPercent', 'max', 'atMost')]),
    Icon: Fingerprint,
    fresh: { maxPercent: 20, points: 1 },
  },
  spelling: {
    group: 'language',
    Form: sentenceForm([limit('maxUnknown', 'max', 'atMost')]),
    Icon: SpellCheck,
    fresh: { maxUnknown: 3, points: 1 },
  },
  readingLevel: {
    group: 'language',
    Form: sentenceForm([limit('from', 'fromLabel', 'from'), limit('to', 'toLabel', 'to'), words('years')]),
    Icon: TextQuote,
    fresh: { from: 9, to: 14, points: 1 },
  },
  judged: { group: 'others', Form: TextForm, Icon: Eye, fresh: { points: 2, partial: true } },
  selfCheck: { group: 'others', Form: TextForm, Icon: Hand, fresh: { points: 0 } },
  comments: {
    group: 'others',
    Form: sentenceForm([limit('min', 'min', 'atLeast'), aside('minWords', 'wordsLabel', 'each')]),
    Icon: MessageSquare,
    fresh: { min: 2, minWords: 8, points: 1 },
  },
};
