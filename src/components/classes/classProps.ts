import type { AwayRule } from '../../core/classes/absences';
import type { DeskRules, PressedHours } from '../../core/classes/deskRules';
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
  readonly away: AwayRule;
  /** How long at most a press without a line counts in this school; hours. */
  readonly schoolSpan: PressedHours;
  readonly languages: readonly { readonly tag: string; readonly name: string }[];
  readonly timeZones: readonly string[];
}
