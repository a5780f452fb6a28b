import type { Writer } from './load';

/** What can be ended in the middle of whatever it does, and begun again. */
export interface KillableHouse {
  readonly killApplication: () => Promise<void>;
  readonly startApplication: () => Promise<void>;
  readonly killDatabase: () => Promise<void>;
  readonly startDatabase: () => Promise<void>;
}

/**
 * `kills`: while writers save without a pause, application and database are ended in turn by the kernel and begun again; `lost`
 * counts what was answered as saved and is not there afterwards, of any post at any round.
 */
export async function benchKills(
  house: KillableHouse,
  writers: readonly Writer[],
  { rounds, held }: { readonly rounds: number; readonly held: () => Promise<ReadonlyMap<string, number>> },
): Promise<{
  readonly name: string;
  readonly lost: number;
  readonly rounds: number;
  readonly saves: number;
}> {
  const ledger = new Map<string, number>();
  let [lost, saves] = [0, 0];
  for (let round = 0; round < rounds; round += 1) {
    const state = { on: true };
    const all = writers.map(async ({ visitor, postId }) => {
      let version = ledger.get(postId) ?? 1;
      for (let turn = 0; state.on; turn += 1) {
        const text = `round ${round} turn ${turn}`;
        const body = { type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text }] }] };
        const input = { postId, version, writing: { title: 'Kills', labels: [], body } };
        const { json } = await visitor
          .send('/api/do/savePost', JSON.stringify(input))
          .catch(() => ({ json: null }));
        const saved = json as { ok: boolean; value?: { kind: string; version: number } } | null;
        if (!saved?.ok || !saved.value) continue;
        // A save that was done and not answered leaves the writer behind; the branch says where the post stands.
        ({ version } = saved.value);
        if (saved.value.kind !== 'saved') continue;
        ledger.set(postId, version);
        saves += 1;
      }
    });
    await pause(300 + Math.random() * 1200);
    if (round % 2 === 0) await house.killApplication();
    else await house.killDatabase();
    state.on = false;
    await Promise.all(all);
    if (round % 2 === 1) await house.startDatabase();
    if (round % 2 === 0) await house.startApplication();
    const there = await held();
    lost += [...ledger].filter(([postId, version]) => (there.get(postId) ?? 0) < version).length;
  }
  return { name: 'kills', lost, rounds, saves };
}

function pause(milliseconds: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, milliseconds));
}
