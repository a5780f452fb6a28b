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
import { LinksForm } from './LinksForm';
import { PartsForm } from './PartsForm';
import { PicturesForm } from './PicturesForm';
import { sentenceForm } from './SentenceForm';
import { TextForm } from './TextForm';
import { TitleForm } from './TitleForm';
import { WordsForm } from './WordsForm';

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
const limit = (setting: string, label = setting) => ({ limit: setting, label });

/** The form part, the icon and the proposal of each kind of requirement. */
export const FORMS: Readonly<Record<string, KindForm>> = {
  words: {
    group: 'text',
    Form: WordsForm,
    Icon: TextInitial,
    fresh: { min: 150, max: 300, tolerance: 5, points: 2, partial: true },
  },
  paragraphs: {
    group: 'text',
    Form: sentenceForm([
      words('atLeast'),
      limit('min'),
      words('atMost'),
      limit('max'),
      words('each'),
      limit('maxWordsEach', 'eachLabel'),
      words('words'),
    ]),
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
    Form: sentenceForm([words('atLeast'), limit('min'), words('used'), { asked: ['noneUnfinished'] }]),
    Icon: Sprout,
    fresh: { min: 1, noneUnfinished: true, points: 1 },
  },
  entries: {
    group: 'text',
    Form: sentenceForm([
      words('atLeast'),
      limit('min'),
      words('atMost'),
      limit('max'),
      words('words'),
      limit('minWords', 'wordsLabel'),
      words('wordsWord'),
      { asked: ['title', 'picture', 'sequential'] },
    ]),
    Icon: LayoutList,
    fresh: { min: 5, sequential: true, points: 3, partial: true },
  },
  labels: { group: 'text', Form: LabelsForm, Icon: Tag, fresh: { points: 1 } },
  teaser: {
    group: 'text',
    Form: sentenceForm([
      words('atLeast'),
      limit('minCharacters', 'min'),
      words('atMost'),
      limit('maxCharacters', 'max'),
      words('characters'),
    ]),
    Icon: PanelTop,
    fresh: { minCharacters: 40, maxCharacters: 160, points: 1 },
  },
  pictures: {
    group: 'pictures',
    Form: PicturesForm,
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
    Form: sentenceForm([
      words('atLeast'),
      limit('min'),
      words('atMost'),
      limit('max'),
      words('introduced'),
      limit('introductionWords', 'introductionLabel'),
      words('words'),
    ]),
    Icon: Video,
    fresh: { min: 1, introductionWords: 20, points: 1 },
  },
  table: {
    group: 'pictures',
    Form: sentenceForm([
      words('atLeast'),
      limit('min'),
      words('rows'),
      limit('minRows', 'rowsLabel'),
      words('rowsWord'),
    ]),
    Icon: Table,
    fresh: { min: 1, minRows: 3, points: 1 },
  },
  links: {
    group: 'sources',
    Form: LinksForm,
    Icon: Link,
    fresh: { min: 1, descriptiveText: true, every: true, points: 1 },
  },
  quotations: {
    group: 'sources',
    Form: sentenceForm([words('atLeast'), limit('min'), { asked: ['source'] }]),
    Icon: Quote,
    fresh: { min: 1, source: true, points: 1 },
  },
  document: {
    group: 'sources',
    Form: sentenceForm([words('atLeast'), limit('min'), { asked: ['opens'] }]),
    Icon: FileText,
    fresh: { min: 1, opens: true, points: 1 },
  },
  ownWords: {
    group: 'sources',
    Form: sentenceForm([words('atMost'), limit('maxPercent', 'max'), words('percent')]),
    Icon: Fingerprint,
    fresh: { maxPercent: 20, points: 1 },
  },
  spelling: {
    group: 'language',
    Form: sentenceForm([words('atMost'), limit('maxUnknown', 'max'), words('unknown')]),
    Icon: SpellCheck,
    fresh: { maxUnknown: 3, points: 1 },
  },
  readingLevel: {
    group: 'language',
    Form: sentenceForm([
      words('from'),
      limit('from', 'fromLabel'),
      words('to'),
      limit('to', 'toLabel'),
      words('years'),
    ]),
    Icon: TextQuote,
    fresh: { from: 9, to: 14, points: 1 },
  },
  judged: { group: 'others', Form: TextForm, Icon: Eye, fresh: { points: 2, partial: true } },
  selfCheck: { group: 'others', Form: TextForm, Icon: Hand, fresh: { points: 0 } },
  comments: {
    group: 'others',
    Form: sentenceForm([
      words('atLeast'),
      limit('min'),
      words('posts'),
      limit('minWords', 'wordsLabel'),
      words('words'),
    ]),
    Icon: MessageSquare,
    fresh: { min: 2, minWords: 8, points: 1 },
  },
};
