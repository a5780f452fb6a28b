import type { DeskRules } from '../../core/classes/deskRules';
import type { SchoolYear } from '../../core/classes/schoolYear';

export interface ClassNames {
  readonly title: string;
  readonly groupName: string;
  readonly subtitle: string;
  readonly schoolName: string;
}

interface ClassPlace {
  readonly timeZone: string;
  readonly language: string;
}

export interface ClassSettingsProps {
  readonly classId: string;
  readonly names: ClassNames;
  readonly address: string;
  /** The origin under which the class blog is read. */
  readonly origin: string;
  readonly place: ClassPlace;
  readonly year: SchoolYear;
  /** Spellings that the class allows. */
  readonly words: readonly string[];
  readonly desk: DeskRules;
  readonly languages: readonly { readonly tag: string; readonly name: string }[];
  readonly timeZones: readonly string[];
}
