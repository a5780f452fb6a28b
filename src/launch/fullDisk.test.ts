import { spawnSync } from 'node:child_process';
import { closeSync, mkdirSync, mkdtempSync, openSync, readdirSync, rmSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createConnection, type ResultSetHeader } from 'mysql2/promise';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { answer } from '../server/http/answer';
import { isRoomFor } from '../server/ground/storage/room';
import { shelf } from '../server/ground/storage/shelf';
import { startMariadb } from './mariadb';

/** A small disk of its own, where the machine lets us have one. */
const disk = mkdtempSync(path.join(tmpdir(), 'porch-disk-'));
const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=400m', 'tmpfs', disk]).status === 0;
const filler = path.join(disk, 'filler');
const place = path.join(disk, 'house');

beforeAll(() => mkdirSync(place));
afterAll(() => {
  if (mounted) spawnSync('umount', ['-l', disk]);
  rmSync(disk, { recursive: true, force: true });
});

/** Writes until nothing more goes in. */
function fill(): void {
  const file = openSync(filler, 'a');
  for (const size of [1 << 20, 1 << 12, 1])
    for (;;)
      try {
        writeSync(file, Buffer.alloc(size));
      } catch {
        break;
      }
  closeSync(file);
}

/** How a deed that fails so is answered. */
async function answered(error: Error): Promise<unknown> {
  const request = new Request('http://porch.example/api/do/x', {
    method: 'POST',
    headers: { origin: 'http://porch.example', host: 'porch.example' },
  });
  const response = await answer(request, () => Promise.reject(error));
  return [response.status, ((await response.json()) as { code: string }).code];
}

test.skipIf(!mounted)(
  'where the disk is full one line says so, what was kept is kept, and it goes on when there is room',
  async () => {
    let running = await startMariadb(place);
    const kept: number[] = [];
    const keep = async (rows: number): Promise<unknown> => {
      const connection = await createConnection({ uri: running.url });
      try {
        for (let row = 0; row < rows; row += 1) {
          const [{ insertId }] = await connection.query<ResultSetHeader>(
            "INSERT INTO kept (words) VALUES (REPEAT('words ', 100000))",
          );
          kept.push(insertId);
        }
        return null;
      } catch (error) {
        return error;
      } finally {
        connection.destroy();
      }
    };
    const all = async () => {
      const connection = await createConnection({ uri: running.url });
      const [rows] = await connection.query('SELECT id FROM kept WHERE LENGTH(words) = 600000 ORDER BY id');
      await connection.end();
      return (rows as { id: number }[]).map((row) => row.id);
    };
    try {
      const connection = await createConnection({ uri: running.url });
      await connection.query('CREATE TABLE kept (id INT PRIMARY KEY AUTO_INCREMENT, words LONGTEXT)');
      await connection.end();
      expect(await keep(3)).toBeNull();

      expect([await isRoomFor(1 << 20, place), await isRoomFor(null, place)]).toEqual([true, true]);
      fill();
      // While a few words still go in, whatever is longer is refused: a database that cannot undo for want of room ends at once.
      expect([await isRoomFor(1 << 20, place), await isRoomFor(null, place)]).toEqual([false, false]);
      expect(await isRoomFor(1000, place)).toBe(true);
      const pictures = shelf<'whole'>({
        table: 'pictures',
        folder: () => place,
        forms: ['whole'],
        nameOf: (contentHash) => contentHash,
      });
      const problem = await pictures.store('aa11', 'whole', Buffer.alloc(1 << 20)).then(
        () => new Error('there was room'),
        (error: unknown) => error as Error,
      );
      expect(await answered(problem)).toEqual([507, 'noRoom']);
      // Nothing half written takes what little room there is.
      expect(readdirSync(path.join(place, 'aa'))).toEqual([]);
      expect(await keep(400)).toBeInstanceOf(Error);

      await running.kill();
      rmSync(filler);
      running = await startMariadb(place);
      expect(await all()).toEqual(kept);
      expect(await keep(3)).toBeNull();
      expect(await all()).toEqual(kept);
    } finally {
      await running.stop();
    }
  },
);
