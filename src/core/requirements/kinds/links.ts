import { reading } from '../../document/reading';
import { links as linksIn, maybeWebAddress, siteOf, type LinkInPost } from '../../document/links';
import type { Place } from '../answer';
import { atLeast, messageOfNothing, ofEach, targetOf, withinLimits, type Condition } from '../condition';
import { saysWhereItLeads } from '../descriptiveText';
import type { RequirementKind } from '../kind';
import { isNotKnown, openResultsByAddress } from '../openResults';
import type { PostToCheck } from '../post';
import { count, flag } from '../settings';

interface LinksSettings {
  readonly min?: number;
  readonly max?: number;
  readonly differentSites?: number;
  /** Each must open for a stranger. */
  readonly opens?: boolean;
  readonly descriptiveText?: boolean;
  readonly every?: boolean;
}

type Lack = 'text' | 'private' | 'missing';

/** All links with one address, taken together. */
interface Destination {
  readonly address: string;
  readonly links: readonly LinkInPost[];
  readonly lacks: readonly Lack[];
  /** Nobody has looked yet whether it opens. */
  readonly unknown: boolean;
}

export const links: RequirementKind<LinksSettings> = {
  kind: 'links',
  settings: {
    min: count,
    max: count,
    differentSites: count,
    opens: flag,
    descriptiveText: flag,
    every: flag,
  },
  seen: (_, post) => [post.openResults, reading(post.body).with('links')],
  measure(settings, post) {
    const all = destinations(settings, post);
    const fulfilling = all.filter((destination) => destination.lacks.length === 0);
    const counting = fulfilling.filter((destination) => !destination.unknown);
    const lacking = all.find((destination) => destination.lacks.length > 0);
    const conditions = conditionsOf(settings, all, fulfilling, counting);
    const key = messageKey(settings, all, fulfilling, counting) ?? messageOfNothing(conditions);
    return {
      measured: counting.length,
      target: targetOf(settings),
      conditions,
      places: placesOf(all),
      message: {
        key,
        values: {
          measured: (key === 'unknown' ? counting : fulfilling).length,
          all: all.length,
          min: settings.min ?? 0,
          max: settings.max ?? 0,
          toGo: Math.max(0, (settings.min ?? 0) - fulfilling.length),
          tooMany: Math.max(0, all.length - (settings.max ?? all.length)),
          lack: key === 'lacking' && lacking ? lacking.lacks[0]! : key,
          sites: settings.differentSites ?? 0,
        },
      },
      ...(fulfilling.length > counting.length ? { unknown: 'network' as const } : {}),
    };
  },
};

function conditionsOf(
  settings: LinksSettings,
  all: readonly Destination[],
  fulfilling: readonly Destination[],
  counting: readonly Destination[],
): Condition[] {
  const conditions: Condition[] = [];
  const best = fulfilling.length;
  if (settings.min !== undefined || settings.max !== undefined)
    conditions.push(withinLimits(settings, counting.length, { all: all.length, best }));
  if (settings.min === undefined && (settings.opens || settings.descriptiveText))
    conditions.push(ofEach(counting.length, all.length, best));
  if (settings.every) conditions.push(ofEach(counting.length, all.length, best));
  if (settings.differentSites !== undefined)
    conditions.push(atLeast(settings.differentSites, siteCount(counting), siteCount(fulfilling)));
  return conditions;
}

function destinations(settings: LinksSettings, post: PostToCheck): Destination[] {
  const results = openResultsByAddress(post.openResults ?? {});
  const byAddress = new Map<string, LinkInPost[]>();
  for (const link of linksIn(post.body)) {
    const address = maybeWebAddress(link.href);
    if (address) byAddress.set(address, [...(byAddress.get(address) ?? []), link]);
  }
  return [...byAddress].map(([address, found]) => {
    const lacks: Lack[] = [];
    if (settings.descriptiveText && !found.some((link) => saysWhereItLeads(link.text, address)))
      lacks.push('text');
    const result = results.get(address);
    if (settings.opens && (result === 'private' || result === 'missing')) lacks.push(result);
    const unknown = settings.opens === true && isNotKnown(result);
    return { address, links: found, lacks, unknown };
  });
}

function siteCount(found: readonly Destination[]): number {
  return new Set(found.map((destination) => siteOf(destination.address))).size;
}

function placesOf(all: readonly Destination[]): Place[] {
  return all.flatMap((destination) =>
    destination.lacks.flatMap((reason) =>
      destination.links.map((link) => ({ from: link.from, to: link.to, reason })),
    ),
  );
}

/** Null where nothing is there. What is surely missing comes before what was not looked at. */
function messageKey(
  { min, max, differentSites = 0, every }: LinksSettings,
  all: readonly Destination[],
  fulfilling: readonly Destination[],
  counting: readonly Destination[],
): string | null {
  if (max !== undefined && all.length > max) return 'over';
  const ofEachOne = every || min === undefined;
  const tooFew = fulfilling.length < (min ?? 0);
  const tooFewSites = siteCount(fulfilling) < differentSites;
  if (all.length > fulfilling.length && (ofEachOne || tooFew || tooFewSites)) return 'lacking';
  if (tooFew) return 'below';
  if (tooFewSites) return 'sites';
  const needed = ofEachOne ? fulfilling.length : min;
  if (counting.length < needed || siteCount(counting) < differentSites) return 'unknown';
  return all.length === 0 ? null : 'enough';
}
