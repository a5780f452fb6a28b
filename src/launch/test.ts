import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { run } from './childProcess';
import { CHROMIUM, install, MARIADB, MARIADB_DUMP } from './debianPackages';
import { Failure } from './failure';

interface Tally {
  passed: number;
  failed: number;
}

interface Check {
  readonly name: string;
  readonly program: string;
  readonly args: readonly string[];
}

const bin = (name: string) => path.join('node_modules/.bin', name);

/** What is looked at without running anything of ours. */
const CHECKS: readonly Check[] = [
  { name: 'types of the core', program: bin('tsc'), args: ['-p', 'src/core/tsconfig.json'] },
  { name: 'types', program: bin('tsc'), args: ['-p', 'tsconfig.json'] },
  { name: 'ESLint', program: bin('eslint'), args: ['.', '--max-warnings', '0'] },
  { name: 'Prettier', program: bin('prettier'), args: ['--check', '.'] },
  {
    name: 'imports',
    program: bin('depcruise'),
    args: ['--config', '.dependency-cruiser.cjs', 'src', 'demo', 'standins', 'tests'],
  },
  {
    name: 'folders',
    program: bin('depcruise'),
    args: ['--config', '.dependency-cruiser.folders.cjs', 'src/server', 'src/components'],
  },
  { name: 'unused code', program: bin('knip'), args: [] },
];

const PARTS: Readonly<Record<string, { readonly checks: boolean; readonly projects: readonly string[] }>> = {
  core: { checks: true, projects: ['core'] },
  server: { checks: false, projects: ['server'] },
  browser: { checks: false, projects: ['browser'] },
  all: { checks: true, projects: ['core', 'server', 'browser'] },
};

/** `./porch test`: everything, or one part; the last line says how many passed and failed. */
export async function test(root: string, [part = 'all']: readonly string[]): Promise<number> {
  const chosen = PARTS[part];
  if (!chosen) throw new Failure(`There is no part ${part}; there are core, server and browser.`);
  process.chdir(root);
  if (chosen.projects.includes('server') || chosen.projects.includes('browser'))
    await install([MARIADB, MARIADB_DUMP]);
  if (chosen.projects.includes('browser')) await install([CHROMIUM]);
  const tally: Tally = { passed: 0, failed: 0 };
  const [first, ...others] = chosen.projects;
  // Neither starts anything that the other could meet.
  await Promise.all([
    chosen.checks ? runChecks(tally) : undefined,
    first === undefined ? undefined : runTests(first, tally),
  ]);
  for (const project of others) await runTests(project, tally);
  console.log(`${tally.passed} passed, ${tally.failed} failed`);
  return tally.failed > 0 ? 1 : 0;
}

async function runChecks(tally: Tally): Promise<void> {
  // Next.js writes this file at its first build; a fresh clone has none yet.
  if (!existsSync('next-env.d.ts'))
    await run(process.execPath, ['node_modules/next/dist/bin/next', 'typegen']);
  for (const { name, program, args } of CHECKS) {
    const { status, output } = await run(program, args);
    console.log(`${status === 0 ? 'ok  ' : 'FAIL'} ${name}`);
    if (status === 0) tally.passed += 1;
    else {
      tally.failed += 1;
      console.log(output.trim());
    }
  }
}

async function runTests(project: string, tally: Tally): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'porch-report-'));
  const report = path.join(folder, 'report.json');
  const status = await shown(bin('vitest'), [
    'run',
    '--project',
    project,
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${report}`,
  ]);
  try {
    const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(report, 'utf8')) as {
      numPassedTests: number;
      numFailedTests: number;
    };
    tally.passed += numPassedTests;
    tally.failed += numFailedTests;
    // A file that could not even be loaded, or a set-up that broke, fails without a failed test.
    if (status !== 0 && numFailedTests === 0) tally.failed += 1;
  } catch (error) {
    console.log(`The ${project} tests left no report: ${String(error)}`);
    tally.failed += 1;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Runs a program whose output people see as it comes. */
function shown(program: string, args: readonly string[]): Promise<number> {
  return new Promise((resolve, reject) => {
    const child = spawn(program, args, { stdio: ['ignore', 'inherit', 'inherit'] });
    child.on('error', reject);
    child.on('close', (status) => resolve(status ?? 1));
  });
}
