import { reading } from '../../document/reading';
import { pictures as picturesIn, type PictureInPost } from '../../document/pictures';
import type { Place } from '../answer';
import { messageOfNothing, ofEach, targetOf, withinLimits, type Condition } from '../condition';
import type { RequirementKind } from '../kind';
import { areAlike } from '../pictureHash';
import { count, flag } from '../settings';

interface PicturesSettings {
  readonly min?: number;
  readonly max?: number;
  readonly credit?: boolean;
  readonly description?: boolean;
  readonly licence?: boolean;
  /** No two alike. */
  readonly distinct?: boolean;
  /** Every picture must fulfil what is asked, not only as many as `min` says. */
  readonly every?: boolean;
}

type Lack = 'credit' | 'description' | 'licence' | 'alike';

export const pictures: RequirementKind<PicturesSettings> = {
  kind: 'pictures',
  settings: {
    min: count,
    max: count,
    credit: flag,
    description: flag,
    licence: flag,
    distinct: flag,
    every: flag,
  },
  seen: (_, post) => [post.pictureHashes, reading(post.body).with('pictures')],
  measure(settings, post) {
    const all = picturesIn(post.body);
    const lacks = all.map((picture, index) =>
      lacksOf(picture, all.slice(0, index), settings, post.pictureHashes ?? {}),
    );
    const counting = lacks.filter((lack) => lack.length === 0).length;
    const first = lacks.find((lack) => lack.length > 0)?.[0];
    const conditions = conditionsOf(settings, counting, all.length);
    const key = messageKey(settings, counting, all.length) ?? messageOfNothing(conditions);
    return {
      measured: counting,
      target: targetOf(settings),
      conditions,
      places: placesOf(all, lacks),
      message: {
        key,
        values: {
          measured: counting,
          all: all.length,
          min: settings.min ?? 0,
          max: settings.max ?? 0,
          lacking: lacks.filter((lack) => first && lack.includes(first)).length,
          toGo: Math.max(0, (settings.min ?? 0) - counting),
          tooMany: Math.max(0, all.length - (settings.max ?? all.length)),
          lack: key === 'lacking' && first ? first : key,
        },
      },
    };
  },
};

function conditionsOf(settings: PicturesSettings, counting: number, all: number): Condition[] {
  const asksOfEach = settings.credit || settings.description || settings.licence || settings.distinct;
  const conditions: Condition[] = [];
  if (settings.min !== undefined || settings.max !== undefined)
    conditions.push(withinLimits(settings, counting, { all }));
  if (settings.min === undefined && asksOfEach) conditions.push(ofEach(counting, all));
  if (settings.every) conditions.push(ofEach(counting, all));
  return conditions;
}

function lacksOf(
  picture: PictureInPost,
  earlier: readonly PictureInPost[],
  settings: PicturesSettings,
  hashes: Readonly<Record<string, string>>,
): Lack[] {
  const lacks: Lack[] = [];
  if (settings.credit && !picture.credit) lacks.push('credit');
  if (settings.description && !picture.description) lacks.push('description');
  if (settings.licence && !picture.licence) lacks.push('licence');
  if (settings.distinct && earlier.some((other) => areAlike(other.src, picture.src, hashes)))
    lacks.push('alike');
  return lacks;
}

function placesOf(all: readonly PictureInPost[], lacks: readonly (readonly Lack[])[]): Place[] {
  return all.flatMap((picture, index) =>
    (lacks[index] ?? []).map((reason) => ({ from: picture.position, to: picture.position + 1, reason })),
  );
}

/** Null where nothing is there. */
function messageKey({ min, max, every }: PicturesSettings, counting: number, all: number): string | null {
  if (max !== undefined && all > max) return 'over';
  const tooFew = min !== undefined && counting < min;
  if (all > counting && (tooFew || every || min === undefined)) return 'lacking';
  if (tooFew) return 'below';
  return all === 0 ? null : 'enough';
}
