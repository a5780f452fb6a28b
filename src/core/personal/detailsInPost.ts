import type { Node } from 'prosemirror-model';
import { links } from '../document/links';
import { pictures } from '../document/pictures';
import { plainText } from '../document/plainText';
import { codeInDocument } from './codeInDocument';
import { findPersonal } from './findPersonal';
import { foldUnits, partsOfName, type KnownPerson, type PersonalDetail, type Place } from './found';

/** Where in a post a detail stands. */
export type DetailWhere =
  | 'title'
  | 'subtitle'
  | 'teaser'
  /** Captions and credits among it. */
  | 'text'
  | 'description'
  | 'label'
  | 'address'
  /** A shared document that the post names, as it was copied. */
  | 'document';

/** A personal detail with where it stands; its place counts within that. */
export interface DetailInPost extends PersonalDetail {
  readonly where: DetailWhere;
  /** Up to 32 characters before and after it. */
  readonly before: string;
  readonly after: string;
}

/** All of a post that somebody may read. */
export interface PostToLookThrough {
  readonly title: string;
  readonly subtitle: string;
  readonly teaser: string;
  readonly labels: readonly string[];
  readonly body: Node;
  /** What its shared documents said. */
  readonly documents: readonly string[];
}

interface Where {
  readonly people: readonly KnownPerson[];
  /** BCP 47. */
  readonly language: string;
}

const AROUND = 32;
/** The personal details in everything of a post that others would read: the text first, then what stands about it. */
export function detailsInPost(
  post: PostToLookThrough,
  { people: roster, language }: Where,
): readonly DetailInPost[] {
  const country = countryOf(language);
  const text = plainText(post.body);
  const descriptions = pictures(post.body).map((one) => one.description);
  // A number in a web address is seldom what it looks like.
  const addresses = links(post.body).map(({ href }) => decoded(href));
  const { title, subtitle, teaser, labels, documents } = post;
  // A class may be large, and most of it is not named in a post.
  const people = namedIn(
    [text, title, subtitle, teaser, ...descriptions, ...labels, ...addresses, ...documents].join('\n'),
    roster,
  );
  const look = (where: DetailWhere, text: string, code: readonly Place[] = []): readonly DetailInPost[] =>
    findPersonal(text, { people, country, language, code }).map((detail) => ({
      ...detail,
      where,
      before: text.slice(Math.max(0, detail.from - AROUND), detail.from),
      after: text.slice(detail.to, detail.to + AROUND),
    }));
  const each = (where: DetailWhere, texts: readonly string[]) =>
    [...new Set(texts)].flatMap((text) => look(where, text));
  return [
    ...look('text', text, codeInDocument(post.body)),
    ...look('title', title),
    ...look('subtitle', subtitle),
    ...look('teaser', teaser),
    ...each('description', descriptions),
    // Labels are written with hyphens between their words.
    ...each(
      'label',
      labels.map((label) => label.replaceAll('-', ' ')),
    ),
    ...each('address', addresses).filter(({ kind }) => kind === 'email' || kind === 'coordinates'),
    // Names in addresses are written with anything but a space between them.
    ...each(
      'address',
      addresses.map((address) => address.replace(/[^\p{L}\p{M}]+/gu, ' ')),
    ).filter(({ kind }) => kind === 'fullName'),
    ...each('document', documents),
  ];
}

/** Those of whose names the given one or the family one stands in a text; no other can be told by it. */
function namedIn(text: string, people: readonly KnownPerson[]): readonly KnownPerson[] {
  const folded = foldUnits(text);
  const stands = (name: string) => partsOfName(name).every((part) => folded.includes(part));
  return people.filter(({ givenName, familyName }) => stands(givenName) || stands(familyName));
}

/** An address as people read it. */
function decoded(href: string): string {
  try {
    return decodeURI(href);
  } catch {
    // It says so itself that it is malformed, and is read as it stands.
    return href;
  }
}

/** The country whose telephone numbers and postcodes are looked for: that of the class's language. */
export function countryOf(language: string): string {
  return new Intl.Locale(language).maximize().region ?? 'GB';
}

/**
 * Other words that a teacher may suggest for a detail: the given name alone for a full one, and nothing in the place of all others;
 * what is meant by an address or a number, only its writer knows.
 */
export function mendingFor({ kind, text }: PersonalDetail, people: readonly KnownPerson[]): string {
  if (kind !== 'fullName') return '';
  const said = text.normalize('NFC').toLocaleLowerCase();
  const person = people.find(
    ({ givenName, familyName }) =>
      said.includes(givenName.normalize('NFC').toLocaleLowerCase()) &&
      said.includes(familyName.normalize('NFC').toLocaleLowerCase()),
  );
  return person?.givenName ?? '';
}
