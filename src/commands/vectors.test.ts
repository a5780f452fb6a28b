import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from 'vitest';
import { runCase } from './cases';

const folders = ['tests/vectors', '../shared/vectors']
  .map((folder) => path.resolve(folder))
  .filter((folder) => existsSync(folder));

/** Those whose cases we can compute; more may lie beside them. */
const COMPUTED = /^(words|check|grade|gradebook|anchors|personal|hold)\b.*\.json$/;

describe.each(folders)('%s', (folder) => {
  const files = readdirSync(folder).filter((file) => COMPUTED.test(file));
  test.each(files)('%s', async (file) => {
    const cases = JSON.parse(readFileSync(path.join(folder, file), 'utf8')) as Readonly<
      Record<string, unknown>
    >[];
    expect(cases.length).toBeGreaterThan(0);
    const differences = await Promise.all(cases.map((one, index) => runCase(one, index)));
    expect(differences.filter(Boolean)).toEqual([]);
  });
});
