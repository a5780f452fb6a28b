import { Heading, Image, Link, Tag, TextInitial, type LucideIcon } from 'lucide-react';
import type { ComponentType } from 'react';
import type { Requirement } from '../../../core/requirements/requirement';
import type { RequirementFormProps } from './formProps';
import { LabelsForm } from './LabelsForm';
import { LinksForm } from './LinksForm';
import { PicturesForm } from './PicturesForm';
import { TitleForm } from './TitleForm';
import { WordsForm } from './WordsForm';

interface KindForm {
  readonly Form: ComponentType<RequirementFormProps>;
  readonly Icon: LucideIcon;
  /** The settings that a new requirement of the kind begins with. */
  readonly fresh: Omit<Requirement, 'id' | 'kind' | 'weight'>;
}

/** The form part, the icon and the proposal of each kind of requirement. */
export const FORMS: Readonly<Record<string, KindForm>> = {
  words: {
    Form: WordsForm,
    Icon: TextInitial,
    fresh: { min: 150, max: 300, tolerance: 5, points: 2, partial: true },
  },
  title: { Form: TitleForm, Icon: Heading, fresh: { startsWith: '{number} ·', points: 1 } },
  pictures: {
    Form: PicturesForm,
    Icon: Image,
    fresh: { min: 1, credit: true, description: true, every: true, points: 2, partial: true },
  },
  links: { Form: LinksForm, Icon: Link, fresh: { min: 1, descriptiveText: true, every: true, points: 1 } },
  labels: { Form: LabelsForm, Icon: Tag, fresh: { points: 1 } },
};
