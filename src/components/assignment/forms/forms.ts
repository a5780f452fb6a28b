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
import { sentenceForm, type LimitPart, type SentencePart } from './SentenceForm';
import { TextForm } from './TextForm';
import { TitleForm } from './TitleForm';
import { WordsForm } from './WordsForm';
import type { ForEachKind } from '../../../core/requirements/registry';

/** The groups in which kinds are offered, in their order. */
export const GROUPS = ['text', 'pictures', 'sources', 'language', 'others'] as const;

interface KindForm {
  readonly group: (typeof GROUPS)[number];
  readonly Form: ComponentType<RequirementFormProps>;
  /** The numbers of its sentence, each of which may be another for one student. */
  readonly limits: readonly Pick<LimitPart, 'limit' | 'label'>[];
  readonly Icon: LucideIcon;
  /** The settings that a new requirement of the kind begins with. */
  readonly fresh: Omit<Requirement, 'id' | 'kind' | 'weight'>;
}

const words = (key: string) => ({ words: key });
const limit = (setting: string, label: string, says: string) => ({ limit: setting, label, says });
const aside = (...part: Parameters<typeof limit>) => ({ ...limit(...part), aside: true });
const LEAST = limit('min', 'min', 'atLeast');
const MOST = limit('max', 'max', 'atMost');

/** What a kind has whose settings are edited as one sentence. */
const sentence = (parts: readonly SentencePart[]) => ({
  Form: sentenceForm(parts),
  limits: parts.filter((part) => 'limit' in part),
});

/** The form part, the icon and the proposal of each kind of requirement. */
export const FORMS: ForEachKind<KindForm> = {
  words: {
    group: 'text',
    Form: WordsForm,
    limits: [LEAST, MOST, { limit: 'tolerance', label: 'toleranceLabel' }],
    Icon: TextInitial,
    fresh: { min: 150, max: 300, tolerance: 5, points: 2, partial: true },
  },
  paragraphs: {
    group: 'text',
    ...sentence([LEAST, MOST, aside('maxWordsEach', 'eachLabel', 'each')]),
    Icon: AlignLeft,
    fresh: { min: 3, points: 1, partial: true },
  },
  title: {
    group: 'text',
    Form: TitleForm,
    limits: [{ limit: 'maxCharacters', label: 'maxLabel' }],
    Icon: Heading,
    fresh: { startsWith: '{number} ·', points: 1 },
  },
  parts: {
    group: 'text',
    Form: PartsForm,
    limits: [],
    Icon: ListTree,
    fresh: { headings: [], inOrder: true, points: 2, partial: true },
  },
  starters: {
    group: 'text',
    ...sentence([limit('min', 'min', 'atLeast'), { asked: ['noneUnfinished'] }]),
    Icon: Sprout,
    fresh: { min: 1, noneUnfinished: true, points: 1 },
  },
  entries: {
    group: 'text',
    ...sentence([
      LEAST,
      MOST,
      aside('minWords', 'wordsLabel', 'words'),
      { asked: ['title', 'picture', 'sequential'] },
    ]),
    Icon: LayoutList,
    fresh: { min: 5, sequential: true, points: 3, partial: true },
  },
  labels: { group: 'text', Form: LabelsForm, limits: [], Icon: Tag, fresh: { points: 1 } },
  teaser: {
    group: 'text',
    ...sentence([
      limit('minCharacters', 'min', 'atLeast'),
      limit('maxCharacters', 'max', 'atMost'),
      words('characters'),
    ]),
    Icon: PanelTop,
    fresh: { minCharacters: 40, maxCharacters: 160, points: 1 },
  },
  pictures: {
    group: 'pictures',
    ...sentence([LEAST, MOST, { asked: ['credit', 'description', 'licence', 'distinct', 'every'] }]),
    Icon: Image,
    fresh: { min: 1, credit: true, description: true, every: true, points: 2, partial: true },
  },
  cover: {
    group: 'pictures',
    ...sentence([words('needed'), { asked: ['description', 'distinct'] }]),
    Icon: BookOpen,
    fresh: { description: true, points: 1 },
  },
  video: {
    group: 'pictures',
    ...sentence([LEAST, MOST, aside('introductionWords', 'introductionLabel', 'introduced')]),
    Icon: Video,
    fresh: { min: 1, introductionWords: 20, points: 1 },
  },
  table: {
    group: 'pictures',
    ...sentence([LEAST, aside('minRows', 'rowsLabel', 'rows')]),
    Icon: Table,
    fresh: { min: 1, minRows: 3, points: 1 },
  },
  links: {
    group: 'sources',
    ...sentence([
      LEAST,
      limit('differentSites', 'sitesLabel', 'sites'),
      { asked: ['opens', 'descriptiveText', 'every'] },
    ]),
    Icon: Link,
    fresh: { min: 1, descriptiveText: true, every: true, points: 1 },
  },
  quotations: {
    group: 'sources',
    ...sentence([LEAST, { asked: ['source'] }]),
    Icon: Quote,
    fresh: { min: 1, source: true, points: 1 },
  },
  document: {
    group: 'sources',
    ...sentence([LEAST, { asked: ['opens'] }]),
    Icon: FileText,
    fresh: { min: 1, opens: true, points: 1 },
  },
  ownWords: {
    group: 'sources',
    ...sentence([limit('maxPercent', 'max', 'atMost')]),
    Icon: Fingerprint,
    fresh: { maxPercent: 20, points: 1 },
  },
  spelling: {
    group: 'language',
    ...sentence([limit('maxUnknown', 'max', 'atMost')]),
    Icon: SpellCheck,
    fresh: { maxUnknown: 3, points: 1 },
  },
  readingLevel: {
    group: 'language',
    ...sentence([limit('from', 'fromLabel', 'from'), limit('to', 'toLabel', 'to'), words('years')]),
    Icon: TextQuote,
    fresh: { from: 9, to: 14, points: 1 },
  },
  judged: { group: 'others', Form: TextForm, limits: [], Icon: Eye, fresh: { points: 2, partial: true } },
  selfCheck: { group: 'others', Form: TextForm, limits: [], Icon: Hand, fresh: { points: 0 } },
  comments: {
    group: 'others',
    ...sentence([limit('min', 'min', 'atLeast'), aside('minWords', 'wordsLabel', 'each')]),
    Icon: MessageSquare,
    fresh: { min: 2, minWords: 8, points: 1 },
  },
};
