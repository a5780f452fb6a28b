import { database, type Database } from '../database/database';
import { LIMITS, type AllowanceName, type LimitName, type LockName, type PaceName } from './limits';
import { countLocked, countPaced, countSome, uncount } from './queries';

/** A try that was taken. Whoever was right gives it back, so that only what was wrong counts. */
export interface Try {
  readonly allowed: boolean;
  giveBack(): Promise<void>;
}

interface Asking {
  /** Whose or what tries are counted. */
  readonly subject: string;
  readonly now: Date;
}

const LONGEST_SUBJECT = 300;

/** Takes a try of what is locked after some, in one statement and before anything is compared. */
export async function takeTry(
  name: LockName,
  { subject, now }: Asking,
  on: Database = database,
): Promise<Try> {
  const { most, within, holds } = LIMITS[name];
  const { refused } = await countLocked(on, {
    ...counting(name, subject, { now, within }),
    most,
    hold: new Date(now.getTime() + holds),
  });
  return { allowed: !refused, giveBack: () => (refused ? nothing() : giveBack(name, subject, most)) };
}

/** How long, in milliseconds, to wait without keeping anybody else waiting. */
export type Rest = (milliseconds: number) => Promise<void>;
const rest: Rest = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** Takes a try of what is only slowed, and waits until its turn has come. */
export async function takeTurn(
  name: PaceName,
  { subject, now, wait = rest }: Asking & { readonly wait?: Rest },
): Promise<Try> {
  const { free, within, gap, longest, refuses } = LIMITS[name];
  const latest = new Date(now.getTime() + longest);
  const at = await countPaced(database, { ...counting(name, subject, { now, within }), free, gap, latest });
  const back = () => giveBack(name, subject, free);
  if (refuses && at >= latest) return { allowed: false, giveBack: back };
  const pause = at.getTime() - now.getTime();
  if (pause > 0) await wait(pause);
  return { allowed: true, giveBack: back };
}

/** Takes as many of an allowance as are left, up to `many`; how many that are. */
export async function takeSome(
  name: AllowanceName,
  { subject, now, many }: Asking & { readonly many: number },
  on: Database = database,
): Promise<number> {
  if (many === 0) return 0;
  const { most, within } = LIMITS[name];
  const taken = await countSome(on, { ...counting(name, subject, { now, within }), many });
  const granted = Math.max(0, Math.min(many, most - (taken - many)));
  if (granted < many) await giveBackSome(name, { subject, many: many - granted }, on);
  return granted;
}

/** Gives back what was taken of an allowance and not used. */
export async function giveBackSome(
  name: AllowanceName,
  { subject, many }: { readonly subject: string; readonly many: number },
  on: Database = database,
): Promise<void> {
  await uncount(on, { name, subject: cut(subject), many, most: LIMITS[name].most });
}

function counting(
  name: LimitName,
  subject: string,
  { now, within }: { readonly now: Date; readonly within: number },
) {
  return { name, subject: cut(subject), many: 1, now, forgotten: new Date(now.getTime() - within) };
}

async function giveBack(name: LimitName, subject: string, most: number): Promise<void> {
  await uncount(database, { name, subject: cut(subject), many: 1, most });
}

function nothing(): Promise<void> {
  return Promise.resolve();
}

/** As long as the database keeps it; who types a longer address of their own making is counted with its beginning. */
function cut(subject: string): string {
  return Array.from(subject).slice(0, LONGEST_SUBJECT).join('');
}
