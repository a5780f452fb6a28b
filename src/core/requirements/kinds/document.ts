import { reading } from '../../document/reading';
import { maybeWebAddress } from '../../document/links';
import { nodesOfType } from '../../document/nodesOfType';
import { atLeast, messageOfNothing, ofEach, targetOf, type Condition } from '../condition';
import type { RequirementKind } from '../kind';
import { isNotKnown, openResultsByAddress } from '../openResults';
import type { OpenResult, PostToCheck } from '../post';
import { count, flag } from '../settings';

interface DocumentSettings {
  readonly min?: number;
  /** Each must open for a stranger. */
  readonly opens?: boolean;
}

interface SharedDocument {
  readonly from: number;
  readonly to: number;
  /** How a stranger fares there; undefined while nobody has looked. */
  readonly result: OpenResult | undefined;
}

/** Shared documents by address; the same one twice counts once. */
export const document: RequirementKind<DocumentSettings> = {
  kind: 'document',
  settings: { min: count, opens: flag },
  seen: (_, post) => [post.openResults, reading(post.body).with('sharedDocument')],
  measure(settings, post) {
    const { min = 0, opens = false } = settings;
    const all = sharedDocuments(post);
    const shut = all.filter(({ result }) => opens && (result === 'private' || result === 'missing'));
    const open = all.filter(({ result }) => opens && isNotKnown(result));
    const counting = all.length - shut.length - open.length;
    const best = counting + open.length;
    const conditions: Condition[] = [];
    if (settings.min !== undefined) conditions.push(atLeast(min, counting, best));
    else if (opens) conditions.push(ofEach(counting, all.length, best));
    const isLacking = settings.min === undefined ? shut.length > 0 : best < min;
    const key = isLacking
      ? shut.length > 0
        ? 'shut'
        : 'below'
      : counting < (settings.min ?? all.length)
        ? 'unknown'
        : all.length === 0
          ? messageOfNothing(conditions)
          : 'enough';
    return {
      measured: counting,
      target: targetOf(settings),
      conditions,
      places: shut.map(({ from, to, result }) => ({ from, to, reason: result ?? 'missing' })),
      message: {
        key,
        values: { measured: counting, all: all.length, min, toGo: Math.max(0, min - best) },
      },
      ...(open.length > 0 ? { unknown: 'network' as const } : {}),
    };
  },
};

function sharedDocuments(post: PostToCheck): readonly SharedDocument[] {
  const results = openResultsByAddress(post.openResults ?? {});
  const found = new Map<string, SharedDocument>();
  for (const { node, position } of nodesOfType(post.body, 'sharedDocument')) {
    const written = String(node.attrs['address']);
    const address = maybeWebAddress(written) ?? written;
    if (!found.has(address))
      found.set(address, { from: position, to: position + node.nodeSize, result: results.get(address) });
  }
  return [...found.values()];
}
