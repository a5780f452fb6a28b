import { escapeHtml } from '../../../core/document/html/writeHtml';
import type { HouseLanguage } from '../../../core/languages/languages';
import { dateInWords, momentInWords } from '../../../core/timing/inWords';
import { sayIn, type Say } from '../../ground/language/sayIn';
import type { PostAdded, WritingAdded } from './addPost';

interface Place {
  readonly language: HouseLanguage;
  readonly timeZone: string;
}

interface ToShow {
  readonly givenName: string;
  readonly familyName: string;
  readonly penName: string | null;
  readonly email?: string | null;
  readonly consents?: readonly {
    readonly givenBy: string;
    readonly givenOn: string;
    readonly until: string | null;
    readonly withdrawn: boolean;
  }[];
  readonly classes: readonly { readonly title: string; readonly groupName: string }[];
  readonly comments: readonly { readonly under: string; readonly text: string; readonly writtenAt: Date }[];
  readonly pages: readonly { readonly title: string; readonly body: string; readonly writtenAt: Date }[];
  readonly posts: readonly PostAdded[];
}

/** Quiet, and read by any browser without us. */
const STYLE = `body{font:17px/1.55 Georgia,serif;max-width:44rem;margin:2rem auto;padding:0 1rem;color:#20281f;background:#fffefa}
h1,h2,h3,summary{font-family:system-ui,sans-serif}h2{border-top:4px solid #1f5a45;padding-top:.6rem;margin-top:2.5rem}
img{max-width:100%;height:auto}small,dt{color:#55604f}blockquote{border-left:4px solid #6d3f6b;margin-left:0;padding-left:1rem}
details{border-bottom:1px solid #d8cfb8;padding:.4rem 0}`;

/** Everything of one person as one page to be read: who they are, what they wrote, what was said about it. Nothing in it asks a server. */
export function archivePage(person: ToShow, place: Place, now: Date): string {
  const say = sayIn(place.language, 'archive');
  const name = `${person.givenName} ${person.familyName}`.trim();
  const heading = escapeHtml(say('heading', { name }));
  const made = say('made', { when: momentInWords(now.getTime(), place.timeZone, place.language) });
  return [
    '<!doctype html>',
    `<html lang="${place.language}">`,
    '<meta charset="utf-8">',
    '<meta name="viewport" content="width=device-width, initial-scale=1">',
    `<title>${heading}</title>`,
    `<style>${STYLE}</style>`,
    `<h1 dir="auto">${heading}</h1>`,
    `<p><small>${escapeHtml(made)}</small></p>`,
    ...factsOf(person, say),
    ...person.posts.flatMap((post) => postOf(post, say, place)),
    ...commentsOf(person, say, place),
    ...pagesOf(person, say, place),
    '</html>',
    '',
  ].join('\n');
}

function factsOf(person: ToShow, say: Say): string[] {
  const consents = (person.consents ?? []).map((one) =>
    say(one.withdrawn ? 'consentWithdrawn' : 'consent', {
      by: one.givenBy,
      on: one.givenOn,
      until: one.until ?? say('noEnd'),
    }),
  );
  const facts: readonly (readonly [string, readonly string[]])[] = [
    ['penName', person.penName ? [person.penName] : []],
    ['email', person.email ? [person.email] : []],
    ['classes', person.classes.map((one) => [one.title, one.groupName].filter(Boolean).join(', '))],
    ['consents', consents],
  ];
  const shown = facts.filter(([, values]) => values.length > 0);
  return [
    '<dl>',
    ...shown.flatMap(([key, values]) => [
      `<dt>${escapeHtml(say(key))}</dt>`,
      ...values.map((value) => `<dd dir="auto">${escapeHtml(value)}</dd>`),
    ]),
    '</dl>',
  ];
}

function postOf({ assignment, writings, notes, grade }: PostAdded, say: Say, place: Place): string[] {
  const at = (moment: Date) => momentInWords(moment.getTime(), place.timeZone, place.language);
  // The latest is read at once; what came before unfolds.
  const read = writings.filter((one) => one.html !== null);
  const latest = read.find((one) => one.kind === 'draft') ?? read.at(-1);
  const earlier = writings.filter((one) => one !== latest);
  const named = (one: WritingAdded) => escapeHtml(say(one.kind, { ordinal: one.ordinal, when: at(one.at) }));
  return [
    `<h2 dir="auto">${escapeHtml(latest?.title || assignment)}</h2>`,
    `<p><small dir="auto">${escapeHtml(say('writtenFor', { assignment }))}</small></p>`,
    ...(latest
      ? [`<p><small>${named(latest)}</small></p>`, `<div dir="auto">${latest.html?.() ?? ''}</div>`]
      : []),
    ...notes.map(
      (note) =>
        `<blockquote dir="auto">${escapeHtml(note.text)}<br><small>${escapeHtml(note.author)}, ${at(note.createdAt)}</small></blockquote>`,
    ),
    ...(grade
      ? [`<p>${escapeHtml(say('grade', { grade: grade.grade, possible: grade.possible }))}</p>`]
      : []),
    ...earlier.map((one) =>
      one.html === null
        ? `<p><a href="${encodeURI(one.file)}">${named(one)}</a></p>`
        : `<details><summary>${named(one)}</summary><div dir="auto">${one.html()}</div></details>`,
    ),
  ];
}

function commentsOf({ comments }: ToShow, say: Say, place: Place): string[] {
  if (comments.length === 0) return [];
  return [
    `<h2>${escapeHtml(say('comments', { count: comments.length }))}</h2>`,
    ...comments.map((one) => {
      const under = say('under', {
        title: one.under,
        when: dateInWords(one.writtenAt.getTime(), place.timeZone, place.language),
      });
      return `<p dir="auto">${escapeHtml(one.text)}<br><small>${escapeHtml(under)}</small></p>`;
    }),
  ];
}

function pagesOf({ pages }: ToShow, say: Say, place: Place): string[] {
  if (pages.length === 0) return [];
  return [
    `<h2>${escapeHtml(say('pages', { count: pages.length }))}</h2>`,
    ...pages.map(
      (page) =>
        `<details><summary dir="auto">${escapeHtml(page.title)}, ${dateInWords(page.writtenAt.getTime(), place.timeZone, place.language)}</summary><div dir="auto">${page.body}</div></details>`,
    ),
  ];
}
