import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from 'vitest';
import { REQUIREMENT_KINDS } from '../core/requirements/registry';
import { runCase } from './cases';

interface Case {
  readonly name?: string;
  readonly assignment?: { readonly requirements: readonly { readonly kind: string }[] };
}

const KINDS = new Set<string>(REQUIREMENT_KINDS.map((kind) => kind.kind));
const folders = ['tests/vectors', '../shared/vectors']
  .map((folder) => path.resolve(folder))
  .filter((folder) => existsSync(folder));

describe.each(folders)('%s', (folder) => {
  const files = readdirSync(folder).filter((file) => file.endsWith('.json'));
  test.each(files)('%s', (file) => {
    const cases = (JSON.parse(readFileSync(path.join(folder, file), 'utf8')) as Case[]).filter(isOfOurKinds);
    expect(cases.length).toBeGreaterThan(0);
    expect(
      cases.map((one, index) => runCase(one as Readonly<Record<string, unknown>>, index)).filter(Boolean),
    ).toEqual([]);
  });
});

/** Cases of kinds that are not there yet wait for them. */
function isOfOurKinds(one: Case): boolean {
  return one.assignment?.requirements.every((requirement) => KINDS.has(requirement.kind)) ?? true;
}
