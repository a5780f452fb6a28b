import type { CommentToHold, EarlierComment, HoldSettings } from '../core/comments/hold';
import { gradeInputSchema, type GradeInput } from '../core/grading/gradeInput';
import { gradebookInputSchema, type GradebookInput } from '../core/gradebook/gradebookInput';
import { anchorSchema, type Anchor } from '../core/notes/anchor';
import { postFileSchema, type PostFile } from '../core/posts/readPost';
import type { KnownPerson } from '../core/personal/found';
import type { ExistingPerson } from '../core/roster/planRoster';
import type { AssignmentToCheck } from '../core/requirements/requirement';
import { assignmentSchema } from '../core/requirements/requirementSchema';
import { isTimeZone } from '../core/timing/zonedTime';
import { checkOf } from '../server/ground/input/validate';
import { checked, UnreadableInput } from './input';

const checkAssignment = checkOf<Partial<AssignmentToCheck> & Pick<AssignmentToCheck, 'requirements'>>(
  assignmentSchema,
);
const checkGrade = checkOf<GradeInput>(gradeInputSchema);
const checkGradebook = checkOf<GradebookInput>(gradebookInputSchema);
const checkAnchor = checkOf<Anchor>(anchorSchema);
interface PersonalPlace {
  readonly people: readonly KnownPerson[];
  readonly country: string;
  readonly language: string;
}

const placeFields = {
  people: {
    type: 'array',
    items: {
      type: 'object',
      required: ['givenName', 'familyName'],
      properties: {
        givenName: { type: 'string' },
        familyName: { type: 'string' },
        penName: { type: ['string', 'null'] },
      },
    },
  },
  country: { type: 'string', pattern: '^[A-Za-z]{2}$' },
  language: { type: 'string' },
} as const;

const checkPersonalPlace = checkOf<PersonalPlace>({
  type: 'object',
  required: ['people', 'country', 'language'],
  properties: placeFields,
});

/** A comment to hold as it stands in a file: moments as instants, most of it may be left out. */
interface HoldFile extends Partial<PersonalPlace> {
  readonly text: string;
  readonly by: string | null;
  readonly at: string;
  readonly settings?: Partial<HoldSettings>;
  readonly earlier?: readonly (Omit<EarlierComment, 'at'> & { readonly at: string })[];
}

const commentFields = {
  text: { type: 'string' },
  by: { type: ['string', 'null'] },
  at: { type: 'string', format: 'date-time' },
} as const;

const checkHold = checkOf<HoldFile>({
  type: 'object',
  required: ['text', 'by', 'at'],
  properties: {
    ...commentFields,
    settings: {
      type: 'object',
      properties: {
        maxLinks: { type: 'integer', minimum: 0 },
        words: { type: 'array', items: { type: 'string' } },
      },
    },
    earlier: {
      type: 'array',
      items: {
        type: 'object',
        required: ['text', 'by', 'at', 'samePost'],
        properties: { ...commentFields, samePost: { type: 'boolean' } },
      },
    },
    ...placeFields,
  },
});
const checkPost = checkOf<PostFile>(postFileSchema);
const absent = { type: ['string', 'number', 'null'] } as const;
const checkPeople = checkOf<readonly { id?: string | number | null; email?: string | null; name?: string }[]>(
  {
    type: 'array',
    items: { type: 'object', properties: { id: absent, email: absent, name: { type: 'string' } } },
  },
);

/** An assignment from JSON, what may be left out filled in. @throws UnreadableInput */
export function assignmentOf(json: unknown): AssignmentToCheck {
  const given = checked(checkAssignment, json);
  const language = given.language ?? 'en';
  if (!isLanguage(language))
    throw new UnreadableInput('language: it should be a language tag, such as en or de-AT');
  return {
    number: given.number ?? 0,
    title: given.title ?? '',
    date: given.date ?? null,
    week: given.week ?? null,
    language,
    timeZone: given.timeZone ?? 'UTC',
    classLabels: given.classLabels ?? [],
    starters: given.starters ?? [],
    outline: given.outline ?? [],
    requirements: given.requirements,
  };
}

/** A post from JSON. @throws UnreadableInput */
export function postFileOf(json: unknown): PostFile {
  return checked(checkPost, json);
}

/** Where a note belongs, from JSON. @throws UnreadableInput */
export function anchorOf(json: unknown): Anchor {
  return checked(checkAnchor, json);
}

/** Where a text with personal details is from, and who is known there, from JSON. @throws UnreadableInput */
export function personalPlaceOf(json: unknown): PersonalPlace {
  const place = checked(checkPersonalPlace, json);
  if (!isLanguage(place.language))
    throw new UnreadableInput('language: it should be a language tag, such as en or de-AT');
  return place;
}

/** A comment to hold, from JSON, what may be left out filled in. @throws UnreadableInput */
export function commentToHoldOf(json: unknown): CommentToHold {
  const given = checked(checkHold, json);
  const { people = [], country = 'IE', language = 'en' } = given;
  return {
    ...personalPlaceOf({ people, country, language }),
    ...{ text: given.text, by: given.by, at: Date.parse(given.at) },
    settings: { maxLinks: given.settings?.maxLinks ?? 0, words: given.settings?.words ?? [] },
    earlier: (given.earlier ?? []).map((one) => ({ ...one, at: Date.parse(one.at) })),
  };
}

/** A grade's input from JSON. @throws UnreadableInput */
export function gradeInputOf(json: unknown): GradeInput {
  const input = checked(checkGrade, json);
  if (!isTimeZone(input.timeZone))
    throw new UnreadableInput(`timeZone: there is no time zone ${input.timeZone}`);
  return input;
}

/** A gradebook from JSON. @throws UnreadableInput */
export function gradebookInputOf(json: unknown): GradebookInput {
  return checked(checkGradebook, json);
}

/** The people who are there already, from JSON. @throws UnreadableInput */
export function existingPeopleOf(json: unknown): readonly ExistingPerson[] {
  return checked(checkPeople, json).map(({ id, email, name }) => ({
    id: id === undefined || id === null || id === '' ? null : String(id),
    email: email || null,
    name: name ?? '',
  }));
}

function isLanguage(tag: string): boolean {
  try {
    return Intl.getCanonicalLocales(tag).length === 1;
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}
