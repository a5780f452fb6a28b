import type { Measurement } from './measure';
import { Visitor } from './visitor';

const WRITERS = 300;
const READERS = 50;
const SAVE_EVERY = 5_000;
const FOR = 60_000;

/** How a load went: its first line says what was lost. */
export interface Load {
  readonly lines: readonly (
    Measurement | { readonly name: string; readonly lost: number; readonly saves: number }
  )[];
}

/** Somebody who writes: a session, and a post of their own. */
export interface Writer {
  readonly visitor: Visitor;
  readonly postId: string;
}

/**
 * `load`: 300 writers who save every five seconds with 50 readers beside them, for a minute; `lost` counts saves that were
 * answered as saved and are not there afterwards. `save-p95` in milliseconds, and against `/api/alive` in the same run.
 * @param held the words that each post holds at the end, by its id
 */
export async function benchLoad(
  origin: string,
  writers: readonly Writer[],
  held: () => Promise<ReadonlyMap<string, string>>,
): Promise<Load> {
  const state = { on: true };
  const [saves, alive] = [[] as number[], [] as number[]];
  const acknowledged = new Map<string, string>();
  let count = 0;
  const write = async ({ visitor, postId }: Writer, index: number) => {
    let version = 1;
    await pause((SAVE_EVERY * index) / writers.length);
    for (let turn = 0; state.on; turn += 1) {
      const words = `turn ${turn} of ${postId}`;
      const start = performance.now();
      const body = {
        type: 'doc',
        content: [{ type: 'paragraph', content: [{ type: 'text', text: words }] }],
      };
      const input = { postId, version, writing: { title: 'Load', labels: [], body } };
      const { json } = await visitor
        .send('/api/do/savePost', JSON.stringify(input))
        .catch(() => ({ json: null }));
      const saved = json as { ok: boolean; value?: { kind: string; version: number } } | null;
      saves.push(performance.now() - start);
      if (saved?.ok && saved.value?.kind === 'saved') {
        ({ version } = saved.value);
        acknowledged.set(postId, words);
        count += 1;
      }
      await pause(Math.max(0, SAVE_EVERY - (performance.now() - start)));
    }
  };
  const read = async () => {
    const reader = new Visitor(origin);
    while (state.on) {
      await (await reader.get('/blog/wind')).text().catch(() => '');
      await pause(1000);
    }
  };
  const ask = async () => {
    while (state.on) {
      const start = performance.now();
      await (await fetch(`${origin}/api/alive`)).text();
      alive.push(performance.now() - start);
      await pause(20);
    }
  };
  const all = [...writers.map(write), ...Array.from({ length: READERS }, read), ask()];
  await pause(FOR);
  state.on = false;
  await Promise.all(all);
  const there = await held();
  const lost = [...acknowledged].filter(([postId, words]) => !there.get(postId)?.includes(words)).length;
  const [save, floor] = [at95(saves), at95(alive)];
  return {
    lines: [
      { name: 'load', lost, saves: count },
      { name: 'save-p95', ratio: 1, value: Math.round(save), unit: 'ms' },
      {
        name: 'save-p95-over-alive',
        ratio: Math.round((save / floor) * 100) / 100,
        value: Math.round(save),
        unit: 'ms',
      },
    ],
  };
}

export const LOAD_WRITERS = WRITERS;

function at95(times: number[]): number {
  return times.sort((a, b) => a - b)[Math.floor(times.length * 0.95)] ?? NaN;
}

function pause(milliseconds: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, milliseconds));
}
