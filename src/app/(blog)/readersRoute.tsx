import type { ReactElement } from 'react';
import { BrokenPage } from '@/components/blog/BrokenPage';
import { Document } from '@/components/blog/Document';
import { NothingHere } from '@/components/blog/NothingHere';
import type { Tried } from '@/components/blog/PlainForm';
import type { ReadersWords } from '@/components/blog/readersWords';
import type { ToldHere } from '@/components/blog/TellAboutPost';
import { ToldPage } from '@/components/blog/ToldPage';
import { pictureAddress } from '@/core/document/pictureAddress';
import { acceptedLanguage, spokenTag } from '@/core/languages/languages';
import type { Told } from '@/core/safety/told';
import type { Reader } from '@/server/ground/access/reader';
import { maybeOpenClass } from '@/server/deeds/readers/openBlog';
import { statusOf } from '@/server/http/answer';
import { originUrl } from '@/server/http/originUrl';
import { doPosted, type Posted, type ReadersPlace } from '@/server/http/postedForm';
import { readersFiles } from '@/server/http/readersFiles';
import { hasAlready, readersHeaders, saysWho, tagOf } from '@/server/http/readersHeaders';
import { currentReader } from '@/server/http/request';
import { logUnexpected } from '@/server/http/unexpected';
import { wordsIn } from './wordsIn';

/** What stands at an address for a reader, as far as every page has it. */
interface PageFound {
  readonly title: string;
  /** In which the class speaks, as a tag. */
  readonly language: string;
  /** Where it stands now, as in a link; whoever asks at an old address is led on. */
  readonly address: string;
  /** Whether search engines may list it. */
  readonly searchEngines: boolean;
  /** What is shown of it where its address is passed on; absent where not everybody may read it. */
  readonly passedOn?: PassedOn | null;
  /** Where news readers find what stands on it. */
  readonly feed?: string | null;
}

interface PassedOn {
  readonly site: string;
  readonly description: string;
  /** A picture of ours. */
  readonly picture: string | null;
}

/** What a page is made with besides what stands there. */
interface PageAround {
  readonly say: ReadersWords;
  readonly tried: Tried | null;
  readonly told: ToldHere | null;
}

/** What was found for a reader. */
interface FoundPage<Facts extends PageFound, Text> {
  /** All that the page is made of, but for what is named by its number. */
  readonly facts: Facts;
  /** The rest, which is asked for only where the page is made. */
  readonly text: () => Text | Promise<Text>;
}

interface Asking {
  readonly reader: Reader;
  readonly query: URLSearchParams;
  readonly now: Date;
  /** Whether the text will be asked for. */
  readonly withText: boolean;
}

interface ReadersRoute<Facts extends PageFound, Text> {
  /** Under which its addresses stand; none for posts and the front page. */
  readonly folder?: string;
  /** What stands at a place for a reader; null for everybody whom it is not for. */
  readonly find: (place: ReadersPlace, asking: Asking) => Promise<FoundPage<Facts, Text> | null>;
  readonly page: (found: Facts & Text, around: PageAround) => ReactElement;
}

interface Asked {
  readonly params: Promise<{ readonly blog: string; readonly address?: string }>;
}

/**
 * A page of a class blog as ready HTML. It is made of plain functions, answers what is not there itself, and takes the forms that
 * are posted to it: what is done leads back to the page, what is not comes back with what was typed.
 */
export function readersRoute<Facts extends PageFound, Text>({
  folder,
  find,
  page,
}: ReadersRoute<Facts, Text>) {
  const GET = async (request: Request, { params }: Asked): Promise<Response> =>
    answered(request, async () => {
      const place = placeFrom(await params);
      const { searchParams: query } = new URL(request.url);
      const reader = await currentReader(query.get('as') ?? undefined);
      const withText = saysWho(request) || !request.headers.has('if-none-match');
      const found = await find(place, { reader, query, now: new Date(), withText });
      if (!found) return nothing(request, null);
      const { facts } = found;
      if (decodeURIComponent(facts.address) !== addressIn(place, folder)) return movedTo(facts.address);
      const open = facts.searchEngines;
      const canonical = open && query.size === 0 ? originUrl(facts.address) : null;
      if (saysWho(request)) return html(await pageOf(page, found, { canonical }), { kept: false, open });
      const tag = tagOf([facts, readersFiles()]);
      if (hasAlready(request, tag))
        return new Response(null, { status: 304, headers: readersHeaders({ kept: true, open, tag }) });
      return html(await pageOf(page, found, { canonical }), { kept: true, open, tag });
    });

  const POST = async (request: Request, { params }: Asked): Promise<Response> =>
    answered(request, async () => {
      const place = placeFrom(await params);
      const reader = await currentReader();
      const posted = await doPosted(request, place, reader);
      if (posted.result.ok && posted.told === null) return seeOther(wayOn(posted, place, folder));
      const { searchParams: query } = new URL(request.url);
      const found = await find(place, { reader, query, now: new Date(), withText: true });
      const status = posted.result.ok ? 200 : statusOf(posted.result);
      if (!found) return posted.told ? toldAway(posted.told, place, reader) : nothing(request, posted);
      return html(await pageOf(page, found, { posted }), { kept: false, open: false, status });
    });

  return { GET, POST };
}

function placeFrom({ blog, address }: { readonly blog: string; readonly address?: string }): ReadersPlace {
  return { blog, address: address === undefined ? null : decodeURIComponent(address) };
}

function addressIn({ blog, address }: ReadersPlace, folder: string | undefined): string {
  return ['/blog', blog, folder, address].filter((part) => part).join('/');
}

async function pageOf<Facts extends PageFound, Text>(
  page: ReadersRoute<Facts, Text>['page'],
  { facts, text }: FoundPage<Facts, Text>,
  {
    posted = null,
    canonical = null,
  }: { readonly posted?: Posted | null; readonly canonical?: string | null },
): Promise<ReactElement> {
  const { language, title, searchEngines, passedOn, feed } = facts;
  const picture = passedOn?.picture;
  const say = wordsIn(spokenTag(null, language));
  return (
    <Document
      {...{ say, language, title, canonical }}
      feed={feed ?? null}
      open={searchEngines}
      passedOn={
        passedOn ? { ...passedOn, picture: picture ? originUrl(pictureAddress(picture, 960)) : null } : null
      }
      files={readersFiles()}
    >
      {page({ ...facts, ...(await text()) }, { say, tried: triedOf(posted, say), told: toldOf(posted) })}
    </Document>
  );
}

function triedOf(posted: Posted | null, say: ReadersWords): Tried | null {
  if (!posted || posted.result.ok) return null;
  return { does: posted.does, typed: posted.typed, problem: say.refusal(posted.result) };
}

function toldOf(posted: Posted | null): ToldHere | null {
  return posted?.told ? { told: posted.told, comment: posted.typed['comment'] ?? '' } : null;
}

/** Where somebody goes on after something was done. */
function wayOn({ does, typed, result }: Posted, place: ReadersPlace, folder: string | undefined): string {
  if (does === 'signOut') return '/sign-in';
  if (does === 'narrowPost' && typed['audience'] === 'writerAndTeachers') return `/blog/${place.blog}`;
  const comment = result.ok ? commentIn(result.value, typed) : null;
  return `${written(addressIn(place, folder))}${comment === null ? '' : `#comment-${comment}`}`;
}

function commentIn(value: unknown, typed: Posted['typed']): string | null {
  if (typeof value === 'object' && value !== null && 'commentId' in value) return String(value.commentId);
  return typed['commentId'] ?? null;
}

/** Whoever told about a post does not see it until it is looked at. */
async function toldAway(told: Told, { blog }: ReadersPlace, reader: Reader): Promise<Response> {
  const language = (await maybeOpenClass(blog, reader))?.inClass.language ?? null;
  return plain(spokenTag(null, language), 200, (say) => [
    say.blog('toBlog'),
    <ToldPage key="page" say={say} told={told} blog={`/blog/${blog}`} />,
  ]);
}

function nothing(request: Request, posted: Posted | null): Promise<Response> {
  return plain(askedLanguage(request), 404, (say) => [
    say.notFound('title'),
    <NothingHere key="page" say={say} tried={triedOf(posted, say)} />,
  ]);
}

/** The language that the browser asks for, as a tag. */
function askedLanguage(request: Request): string {
  return spokenTag(acceptedLanguage(request.headers.get('accept-language') ?? ''), null);
}

/** A page that shows nothing of any class. */
function plain(
  tag: string,
  status: number,
  make: (say: ReadersWords) => readonly [title: string, page: ReactElement],
): Promise<Response> {
  const say = wordsIn(tag);
  const [title, page] = make(say);
  return html(
    <Document
      {...{ say, title }}
      language={say.tag}
      open={false}
      canonical={null}
      feed={null}
      passedOn={null}
      files={readersFiles()}
    >
      {page}
    </Document>,
    { kept: false, open: false, status },
  );
}

async function html(
  page: ReactElement,
  { status = 200, ...headers }: Parameters<typeof readersHeaders>[0] & { readonly status?: number },
): Promise<Response> {
  // Asked for by name where it is used: the framework takes it for a page's own renderer otherwise, and refuses it.
  const { renderToStaticMarkup } = await import('react-dom/server');
  return new Response(`<!doctype html>${renderToStaticMarkup(page)}`, {
    status,
    headers: readersHeaders(headers),
  });
}

function movedTo(address: string): Response {
  return new Response(null, {
    status: 308,
    headers: { ...readersHeaders({ kept: false, open: true }), location: written(address) },
  });
}

/** An address as a header takes it; what is written in it that way already stays. */
function written(address: string): string {
  return new URL(address, 'http://porch.example').pathname;
}

function seeOther(address: string): Response {
  return new Response(null, {
    status: 303,
    headers: { ...readersHeaders({ kept: false, open: false }), location: address },
  });
}

/** Whatever breaks while a page is made says so in words, with the number under which it is logged. */
async function answered(request: Request, make: () => Promise<Response>): Promise<Response> {
  try {
    return await make();
  } catch (error) {
    const id = logUnexpected(error);
    return plain(askedLanguage(request), 500, (say) => [
      say.error('title'),
      <BrokenPage key="page" say={say} id={id} />,
    ]);
  }
}
