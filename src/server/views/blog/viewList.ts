import { blogAddresses } from '../../../core/blog/addresses';
import { maybeMonth, monthOf, monthsUpTo, postsPerPicket, type Month } from '../../../core/blog/months';
import { may } from '../../../core/access/may';
import { labelKey } from '../../../core/labels/labelKey';
import { shownLabels } from '../../../core/labels/shownLabels';
import { askedWords, type Asked as Wanted } from '../../../core/search/asked';
import { foundIn, marked, passageAround, wordsNear } from '../../../core/search/found';
import { searchForms } from '../../../core/search/words';
import { placeOf } from '../../../core/languages/languages';
import { monthInWords } from '../../../core/timing/inWords';
import { instantOf, localDate } from '../../../core/timing/zonedTime';
import { maybeBlog, sightOf, type Blog } from '../../deeds/readers/openBlog';
import type { Reader } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import type { ClassRow } from '../../tables/classes';
import { findLabelChanges } from '../../tables/labels';
import { listSearched, wordsAsked } from '../../tables/searchTexts';
import { countInSpans, countPublished, listPublished, spanPublished } from '../../tables/publishedLists';
import { countComments, findShownLabel, listCards, listWriterNames } from '../../tables/publishedPosts';
import type { Narrowed, Sight } from '../../tables/sight';
import { findWriterAddress } from '../../tables/writerAddresses';
import { cardOf, frameOf, listNamed, shownWriter } from './blogShown';
import { marginOf } from './margin';

/** So many posts stand on a page of a list. */
const POSTS_ON_PAGE = 20;
/** So many months are drawn, the latest. */
const MONTHS_DRAWN = 12;
/** So many words are named that were found for others. */
const NEAR_NAMED = 4;
/** So many other labels are offered. */
const LABELS_OFFERED = 12;

type Searched = NonNullable<ReturnType<Awaited<ReturnType<typeof listSearched>>['get']>>;

/** What the posts of a list have in common. */
export type ListOf =
  | { readonly kind: 'label'; readonly label: string }
  | { readonly kind: 'assignment'; readonly assignmentId: string }
  | { readonly kind: 'writer'; readonly address: string }
  | { readonly kind: 'month'; readonly month: string }
  | { readonly kind: 'all' };

interface Asked {
  readonly reader: Reader;
  readonly now: Date;
  /** The first page is 1; one that is not there is the last. */
  readonly page: number;
  /** The month to which it is narrowed, as in `maybeMonth`. */
  readonly month: string | null;
  /** Words that are looked for in them, as they were typed; '' for none. */
  readonly typed: string;
  /** Whether they are looked for as they stand alone. */
  readonly exactly: boolean;
}

/**
 * The posts with a label, of an assignment, of a writer, of a month or all that a reader sees, the newest first, or those of them in which words
 * stand. Null where there is none of them: a list says no more than its posts do.
 */
export async function maybePostList(
  address: string,
  of: ListOf,
  { reader, now, page, month, typed, exactly }: Asked,
) {
  const blog = await maybeBlog(address, reader, now);
  const common = blog && (await maybeCommon(blog, of));
  if (!blog || !common) return null;
  const { inClass } = blog;
  const all: Sight = { ...sightOf(blog), only: common.only };
  const whole = await spanPublished(database, all);
  if (whole.count === 0 && of.kind !== 'all') return null;
  const narrowed = of.kind === 'month' ? null : maybeMonth(month ?? '');
  const asked = askedWords(typed, inClass.language, exactly);
  const words = asked.words.length > 0 ? { words: wordsAsked(asked, inClass) } : {};
  const found: Sight = { ...all, only: { ...common.only, ...words } };
  const sight: Sight = narrowed ? { ...found, only: { ...found.only, ...daysOf(narrowed, inClass) } } : found;
  const count = narrowed || typed ? await countPublished(database, sight) : whole.count;
  const last = Math.max(1, Math.ceil(count / POSTS_ON_PAGE));
  const at = Math.min(page, last);
  const postIds = await listPublished(database, sight, {
    most: POSTS_ON_PAGE,
    after: (at - 1) * POSTS_ON_PAGE,
  });
  const posts = await listCards(database, postIds);
  const searched = words.words ? await listSearched(database, postIds) : null;
  const comments = may(blog.actor, 'comment.read', { writerId: null, publishedTo: 'ourClass' })
    ? await countComments(database, postIds)
    : null;
  const people = await listNamed(
    blog,
    posts.map(({ writerId }) => writerId),
  );
  const assignmentTitle = posts[0]?.assignmentTitle ?? '';
  const title = common.title ?? assignmentTitle;
  const margin = await marginOf(inClass, sightOf(blog), now);
  return {
    ...frameOf(blog, reader, people),
    kind: of.kind,
    title,
    under: common.under,
    address: common.address,
    searchEngines:
      typed === '' && of.kind !== 'all' && inClass.searchEngines && inClass.ceiling === 'everyone',
    count,
    whole: whole.count,
    search:
      typed === ''
        ? null
        : {
            ...{ typed, exactly, tooMany: asked.tooMany, nothing: asked.words.length === 0 },
            near: searched && !exactly ? nearWords([...searched.values()], asked) : [],
          },
    month: narrowed?.month ?? null,
    monthName: narrowed ? monthInWords(narrowed.from, placeOf(inClass).language) : null,
    posts: posts.map((post) => ({
      ...cardOf(post, blog, people),
      comments: comments?.get(post.postId) ?? 0,
      found: searched && foundOf(searched.get(post.postId), asked),
    })),
    newer: at > 1 ? at - 1 : null,
    older: at < last ? at + 1 : null,
    fence:
      of.kind === 'month' || !whole.first
        ? null
        : await fenceOf({ all, found: words.words ? found : null }, inClass, { first: whole.first, now }),
    labels: margin.labels.slice(0, LABELS_OFFERED).map(({ name, count: posts }) => ({
      name,
      count: posts,
      here: of.kind === 'label' && name === title,
    })),
  };
}

interface Common {
  /** Null for the title of the assignment of the posts. */
  readonly title: string | null;
  readonly under: string;
  readonly address: string;
  readonly only: Narrowed;
}

async function maybeCommon(blog: Blog, of: ListOf): Promise<Common | null> {
  const { inClass } = blog;
  const at = blogAddresses(inClass.address);
  if (of.kind === 'assignment') {
    const { assignmentId } = of;
    return { title: null, under: '', address: at.assignment(assignmentId), only: { assignmentId } };
  }
  if (of.kind === 'all') return { title: '', under: '', address: at.search, only: {} };
  if (of.kind === 'writer') return maybeWriter(blog, of.address);
  if (of.kind === 'month') {
    const month = maybeMonth(of.month);
    if (!month) return null;
    const title = monthInWords(month.from, placeOf(inClass).language);
    return { title, under: '', address: at.month(month.month), only: daysOf(month, inClass) };
  }
  // What a label was called before leads on to what it is called now.
  const [now] = shownLabels([of.label], await findLabelChanges(database, inClass.id));
  const key = now === undefined ? '' : labelKey(now);
  const found = key === '' ? null : await findShownLabel(database, { classId: inClass.id, key });
  if (!found) return null;
  return {
    title: found.label,
    under: found.meaning,
    address: at.label(found.label),
    only: { labelKey: key },
  };
}

/** The posts of a writer; null at an address that they had under another name. */
async function maybeWriter(blog: Blog, address: string): Promise<Common | null> {
  const { inClass } = blog;
  const found = await findWriterAddress(database, { classId: inClass.id, address });
  if (!found) return null;
  const { personId } = found;
  const [writer] = await listWriterNames(database, { classId: inClass.id, personIds: [personId] });
  const shown = writer && shownWriter(writer, blog, await listNamed(blog, [personId]));
  if (!shown?.address) return null;
  return { title: shown.name, under: '', address: shown.address, only: { writerId: personId } };
}

/** The instants between which a month lies by the class's clock. */
function daysOf({ from, until }: Month, { timeZone }: ClassRow): Narrowed {
  const at = (day: string) => new Date(instantOf(`${day}T00:00`, timeZone));
  return { from: at(from), until: at(until) };
}

/** Words that were found for others, as they are typed first in these posts. */
function nearWords(posts: readonly Searched[], asked: Wanted): readonly string[] {
  const near = new Map<string, string>();
  for (const { title, text, parts } of posts)
    for (const word of wordsNear(`${title}\n${text}`, asked, parts)) {
      const [form = ''] = searchForms(word);
      if (!near.has(form)) near.set(form, word);
    }
  return [...near.values()].slice(0, NEAR_NAMED);
}

/** Where the words that were looked for stand in a post: marked in its title and around the best place in its text. */
function foundOf(post: Searched | undefined, asked: Wanted) {
  if (!post) return null;
  const { title, text, parts } = post;
  const inTitle = foundIn(title, asked, parts);
  const inText = foundIn(text, asked, parts);
  return {
    title: marked(title, inTitle),
    inTitle: inTitle.length > 0,
    passage: passageAround(text, inText),
    inText: inText.length,
  };
}

/**
 * The latest months with how many posts came in each part of them, for a picket for each.
 * @param found those in which something was found; null where nothing is looked for
 */
async function fenceOf(
  { all, found }: { readonly all: Sight; readonly found: Sight | null },
  inClass: ClassRow,
  { first, now }: { readonly first: Date; readonly now: Date },
) {
  const { timeZone } = inClass;
  const { language } = placeOf(inClass);
  const [from, today] = [first, now].map((moment) => localDate(moment.getTime(), timeZone));
  const months = monthsUpTo(from ?? '', today ?? '', MONTHS_DRAWN);
  const begins = months
    .flatMap(({ parts }) => parts)
    .map((day) => new Date(instantOf(`${day}T00:00`, timeZone)));
  const counts = await countInSpans(database, all, begins);
  const countsFound = found ? await countInSpans(database, found, begins) : counts;
  let at = 0;
  return {
    perPicket: postsPerPicket(counts),
    months: months.map(({ month, from: day, parts }) => {
      const [start, end] = [at, (at += parts.length)];
      const here = countsFound.slice(start, end);
      return {
        month,
        name: monthInWords(day, language),
        parts: counts.slice(start, end).map((posts, part) => ({ posts, found: here[part] ?? 0 })),
        count: here.reduce((sum, one) => sum + one, 0),
        now: month === monthOf(today ?? '').month,
      };
    }),
  };
}
