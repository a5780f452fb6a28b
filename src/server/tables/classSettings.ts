import type { Audience } from '../../core/access/audience';
import type { SchoolYear } from '../../core/classes/schoolYear';
import type { Look } from '../../core/looks/looks';
import type { NamingRule } from '../../core/people/names';
import type { PasscodeKind } from '../../core/people/passcode';
import type { CommentRules } from '../../core/comments/rules';
import type { AwayRule } from '../../core/classes/absences';
import { type DeskRules } from '../../core/classes/deskRules';
import type { Database } from '../ground/database/database';

export async function updateCode(database: Database, id: string, code: string): Promise<void> {
  await database.change('UPDATE classes SET code = :code WHERE id = :id', { id, code });
}

export async function updateSignIn(
  database: Database,
  {
    classId,
    passcodeKind,
    namesTyped,
  }: { readonly classId: string; readonly passcodeKind: PasscodeKind; readonly namesTyped: boolean },
): Promise<void> {
  await database.change(
    'UPDATE classes SET passcode_kind = :passcodeKind, names_typed = :namesTyped WHERE id = :classId',
    { classId, passcodeKind, namesTyped },
  );
}

export async function updateNames(
  database: Database,
  names: {
    readonly classId: string;
    readonly title: string;
    readonly groupName: string;
    readonly subtitle: string;
    readonly schoolName: string;
  },
): Promise<void> {
  await database.change(
    `UPDATE classes SET title = :title, group_name = :groupName, subtitle = :subtitle, school_name = :schoolName
     WHERE id = :classId`,
    names,
  );
}

export async function updateYear(
  database: Database,
  {
    classId,
    timeZone,
    language,
    ...year
  }: SchoolYear & {
    readonly classId: string;
    readonly timeZone: string;
    readonly language: string;
  },
): Promise<void> {
  await database.change(
    `UPDATE classes SET time_zone = :timeZone, language = :language, terms = :terms, holidays = :holidays,
       school_days = :schoolDays WHERE id = :classId`,
    {
      classId,
      timeZone,
      language,
      terms: JSON.stringify(year.terms),
      holidays: JSON.stringify(year.holidays),
      schoolDays: JSON.stringify(year.schoolDays),
    },
  );
}

export async function updatePrivacy(
  database: Database,
  {
    classId,
    ceiling,
    namingRule,
    searchEngines,
    editorsRead,
    consentNeeded,
    originSince,
  }: {
    readonly classId: string;
    readonly ceiling: Audience;
    readonly namingRule: NamingRule;
    readonly searchEngines: boolean;
    readonly editorsRead: boolean;
    readonly consentNeeded: boolean;
    readonly originSince: Date | null;
  },
): Promise<void> {
  await database.change(
    `UPDATE classes SET ceiling = :ceiling, naming_rule = :namingRule, search_engines = :searchEngines,
       editors_read = :editorsRead, consent_needed = :consentNeeded, origin_since = :originSince
     WHERE id = :classId`,
    { classId, ceiling, namingRule, searchEngines, editorsRead, consentNeeded, originSince },
  );
}

export async function updateLook(
  database: Database,
  classId: string,
  { look, banner, lettering }: Look,
): Promise<void> {
  await database.change(
    'UPDATE classes SET look = :look, banner = :banner, lettering = :lettering WHERE id = :classId',
    { classId, look, banner, lettering },
  );
}

export async function updateWords(
  database: Database,
  classId: string,
  words: readonly string[],
): Promise<void> {
  await database.change('UPDATE classes SET words = :words WHERE id = :classId', {
    classId,
    words: JSON.stringify(words),
  });
}

export async function updateDesk(database: Database, id: string, desk: DeskRules): Promise<void> {
  await database.change('UPDATE classes SET desk = :desk WHERE id = :id', { id, desk: JSON.stringify(desk) });
}

/** What is not named stays as it is: two who change different things do not undo each other's. */
export async function updateCommentRules(
  database: Database,
  id: string,
  rules: Partial<CommentRules>,
): Promise<void> {
  await database.change(
    'UPDATE classes SET comment_rules = JSON_MERGE_PATCH(comment_rules, :rules) WHERE id = :id',
    { id, rules: JSON.stringify(rules) },
  );
}

export async function updateAwayRule(database: Database, id: string, away: AwayRule): Promise<void> {
  await database.change('UPDATE classes SET away = :away WHERE id = :id', { id, away: JSON.stringify(away) });
}

export async function updateSettled(database: Database, id: string, at: Date): Promise<void> {
  await database.change('UPDATE classes SET settled_at = :at WHERE id = :id', { id, at });
}

export async function updateRested(database: Database, id: string, at: Date | null): Promise<void> {
  await database.change('UPDATE classes SET rested_at = :at WHERE id = :id', { id, at });
}

export async function updateCopied(database: Database, id: string, from: string): Promise<void> {
  await database.change('UPDATE classes SET copied_from = :from WHERE id = :id', { id, from });
}
