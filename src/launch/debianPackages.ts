import { existsSync } from 'node:fs';
import { run } from './childProcess';
import { Failure } from './failure';
import { step } from './progress';

interface Need {
  readonly program: string;
  readonly packages: readonly string[];
}

/** The server's binaries without Debian's own service, which would start a database of its own. */
export const MARIADB: Need = {
  program: '/usr/sbin/mariadbd',
  packages: ['mariadb-server-core', 'mariadb-client-core'],
};
/** Writes and loads backups. */
export const MARIADB_DUMP: Need = { program: '/usr/bin/mariadb-dump', packages: ['mariadb-client'] };
export const CHROMIUM: Need = { program: '/usr/bin/chromedriver', packages: ['chromium', 'chromium-driver'] };

/** Installs Debian packages whose program is not there yet. */
export async function install(needs: readonly Need[]): Promise<void> {
  const missing = needs.filter((need) => !existsSync(need.program)).flatMap((need) => need.packages);
  if (missing.length === 0) return;
  if (process.getuid?.() !== 0)
    throw new Failure(
      `These Debian packages are missing: ${missing.join(' ')}. Install them, or start as root.`,
    );
  await step(`Installing ${missing.join(', ')}`, async () => {
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    await run('apt-get', ['update', '-qq'], { env });
    const { status, output } = await run(
      'apt-get',
      ['install', '-y', '--no-install-recommends', ...missing],
      { env },
    );
    if (status !== 0)
      throw new Failure(`apt-get could not install ${missing.join(', ')}:\n${lastLines(output)}`);
  });
}

function lastLines(output: string): string {
  return output.trim().split('\n').slice(-3).join('\n');
}
